package saltdrum.speech.acoustic;

import static org.assertj.core.api.Assertions.assertThat;

import edu.cmu.sphinx.linguist.acoustic.HMM;
import edu.cmu.sphinx.linguist.acoustic.UnitManager;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.GaussianWeights;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Senone;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.SenoneHMM;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Sphinx3Loader;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Beside sphinx4's own loader of the same files. */
class ShippedLoaderTest {
    private static final UnitManager UNITS = new UnitManager();
    private static final ShippedLoader OURS = new ShippedLoader(UNITS);
    private static final Sphinx3Loader SPHINX =
            new Sphinx3Loader(PreparedModel.PLACE, UNITS, 0f, PreparedModel.LEAST_WEIGHT, 1e-4f, 4, true);

    @BeforeAll
    static void load() throws IOException {
        Sphinx4Logging.now();
        OURS.load();
        SPHINX.load();
    }

    @Test
    void everyPhoneInContextHasItsSenonesAndTransitions() {
        List<String> others = new ArrayList<>();
        int phones = 0;
        for (HMM each : SPHINX.getHMMManager()) {
            SenoneHMM wanted = (SenoneHMM) each;
            SenoneHMM is = (SenoneHMM) OURS.getHMMManager().get(wanted.getPosition(), wanted.getUnit());
            phones++;
            if (is == null
                    || !numbers(is).equals(numbers(wanted))
                    || !Arrays.deepEquals(is.getTransitionMatrix(), wanted.getTransitionMatrix())) {
                others.add(wanted.getUnit() + " " + wanted.getPosition());
            }
        }

        assertThat(phones).isGreaterThan(137_000);
        assertThat(others).isEmpty();
    }

    private static List<Long> numbers(SenoneHMM hmm) {
        return Arrays.stream(hmm.getSenoneSequence().getSenones())
                .map(Senone::getID)
                .toList();
    }

    @Test
    void everyWeightIsTheSame() {
        GaussianWeights ours = OURS.getMixtureWeights();
        GaussianWeights sphinx = SPHINX.getMixtureWeights();
        int others = 0;
        for (int state = 0; state < sphinx.getStatesNum(); state++) {
            for (int stream = 0; stream < sphinx.getStreamsNum(); stream++) {
                for (int gaussian = 0; gaussian < sphinx.getGauPerState(); gaussian++) {
                    others += ours.get(state, stream, gaussian) == sphinx.get(state, stream, gaussian) ? 0 : 1;
                }
            }
        }

        assertThat(ours.getStatesNum()).isEqualTo(sphinx.getStatesNum());
        assertThat(ours.getStreamsNum()).isEqualTo(sphinx.getStreamsNum());
        assertThat(ours.getGauPerState()).isEqualTo(sphinx.getGauPerState());
        assertThat(others).isZero();
    }

    @Test
    void loadingSaysNothing() {
        new AcousticModel();
        assertThat(Logger.getLogger(ShippedLoader.class.getName()).isLoggable(Level.SEVERE))
                .isFalse();
    }

    @Test
    void everySenoneIsOfTheSamePhone() {
        assertThat(OURS.getSenone2Ci()).isEqualTo(SPHINX.getSenone2Ci());
    }
}
