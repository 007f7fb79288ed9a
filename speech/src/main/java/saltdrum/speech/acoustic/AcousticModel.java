package saltdrum.speech.acoustic;

import edu.cmu.sphinx.frontend.AutoCepstrum;
import edu.cmu.sphinx.frontend.feature.FeatureTransform;
import edu.cmu.sphinx.linguist.acoustic.HMMPosition;
import edu.cmu.sphinx.linguist.acoustic.LeftRightContext;
import edu.cmu.sphinx.linguist.acoustic.Unit;
import edu.cmu.sphinx.linguist.acoustic.UnitManager;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Senone;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.SenoneHMM;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.TiedStateAcousticModel;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import saltdrum.core.SaltDrumException;

/** The shipped English acoustic model. One thread at a time may use it. */
public final class AcousticModel {
    /** Sphinx log numbers in one nat. */
    public static final double NAT = 10_000;

    public static final String SILENCE = "SIL";

    private final ShippedLoader loader;
    private final TiedStateAcousticModel model;
    private final UnitManager units = new UnitManager();
    private final Map<String, SenoneHMM> found = new HashMap<>();

    public AcousticModel() {
        Sphinx4Logging.now();
        try {
            loader = new ShippedLoader(units);
            model = new TiedStateAcousticModel(loader, units, true);
            model.allocate();
        } catch (IOException e) {
            throw new SaltDrumException("The speech model could not be loaded. Build the application again.", e);
        }
    }

    AutoCepstrum cepstrum() {
        try {
            return new AutoCepstrum(loader);
        } catch (IOException e) {
            throw new SaltDrumException("The speech model could not be read. Build the application again.", e);
        }
    }

    FeatureTransform featureTransform() {
        return new FeatureTransform(loader);
    }

    /** The states of a phone between two others. Where the model lacks that context it gives its nearest. */
    public SenoneHMM phone(String phone, String left, String right, boolean opensWord, boolean closesWord) {
        HMMPosition position = opensWord
                ? closesWord ? HMMPosition.SINGLE : HMMPosition.BEGIN
                : closesWord ? HMMPosition.END : HMMPosition.INTERNAL;
        return found.computeIfAbsent(phone + " " + left + " " + right + " " + position, key -> {
            Unit[] before = {units.getUnit(left, left.equals(SILENCE))};
            Unit[] after = {units.getUnit(right, right.equals(SILENCE))};
            Unit unit = units.getUnit(phone, false, LeftRightContext.get(before, after));
            return (SenoneHMM) model.lookupNearestHMM(unit, position, false);
        });
    }

    public SenoneHMM silence() {
        return found.computeIfAbsent(
                SILENCE, key -> (SenoneHMM) model.lookupNearestHMM(UnitManager.SILENCE, HMMPosition.UNDEFINED, false));
    }

    /** The states of every phone without context; together they model how any speech scores. */
    public List<Senone> anySpeech() {
        List<Senone> senones = new ArrayList<>();
        for (Iterator<Unit> all = model.getContextIndependentUnitIterator(); all.hasNext(); ) {
            Unit unit = all.next();
            if (!unit.isFiller()) {
                SenoneHMM hmm = (SenoneHMM) loader.getHMMManager().get(HMMPosition.UNDEFINED, unit);
                senones.addAll(List.of(hmm.getSenoneSequence().getSenones()));
            }
        }
        return senones;
    }

    /** Forgets what scoring an earlier sound left behind. */
    public void reset() {
        loader.clearGauScores();
    }
}
