package saltdrum.speech.acoustic;

import edu.cmu.sphinx.linguist.acoustic.UnitManager;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.GaussianWeights;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.HMMManager;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.SenoneHMM;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Sphinx3Loader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URISyntaxException;
import java.nio.ByteBuffer;
import java.nio.FloatBuffer;
import saltdrum.speech.prepared.PreparedFile;
import saltdrum.speech.prepared.SortedLines;

/**
 * Loads the shipped model from the output of {@link PreparedModel}: weights in their final form, and of the 137,000
 * phones in context only those that are requested. Loading from sphinx4's own files takes more than two seconds.
 */
final class ShippedLoader extends Sphinx3Loader {
    private final SortedLines triphones = SortedLines.of(ShippedLoader.class, PreparedModel.TRIPHONES);
    private HMMManager phones;

    ShippedLoader(UnitManager units) {
        super(PreparedModel.PLACE, units, 0f, PreparedModel.LEAST_WEIGHT, 1e-4f, 4, true);
    }

    @Override
    protected InputStream getDataStream(String path) throws IOException, URISyntaxException {
        return path.equals(PreparedModel.DEFINITION)
                ? new ByteArrayInputStream(PreparedFile.bytes(ShippedLoader.class, PreparedModel.SHORT))
                : super.getDataStream(path);
    }

    @Override
    protected GaussianWeights loadMixtureWeights(String path, float floor) {
        ByteBuffer bytes = ByteBuffer.wrap(PreparedFile.bytes(ShippedLoader.class, PreparedModel.WEIGHTS));
        int states = bytes.getInt();
        int streams = bytes.getInt();
        int gaussians = bytes.getInt();
        FloatBuffer from = bytes.slice().asFloatBuffer();
        GaussianWeights weights = new GaussianWeights(path, states, gaussians, streams);
        for (int state = 0; state < states; state++) {
            for (int stream = 0; stream < streams; stream++) {
                float[] row = new float[gaussians];
                from.get(row);
                weights.put(state, stream, row);
            }
        }
        return weights;
    }

    @Override
    public HMMManager getHMMManager() {
        if (phones == null) {
            phones = new PhonesInContext(triphones, this::phone);
            super.getHMMManager().forEach(phones::put);
        }
        return phones;
    }

    private SenoneHMM phone(PhonesInContext.Wanted wanted) {
        return new SenoneHMM(
                wanted.unit(),
                getSenoneSequence(wanted.states()),
                getTransitionMatrixPool().get(wanted.transitions()),
                wanted.position());
    }
}
