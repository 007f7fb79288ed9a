package saltdrum.speech.recognise;

import edu.cmu.sphinx.frontend.BaseDataProcessor;
import edu.cmu.sphinx.frontend.Data;
import edu.cmu.sphinx.frontend.DoubleData;

/**
 * Takes a clip's own mean cepstrum from every frame of it. A running mean would begin with whatever was heard before, so
 * that the same clip could be heard differently a second time.
 */
public final class ClipMean extends BaseDataProcessor {
    private double[] mean = new double[0];

    /** @param cepstrum the mean of the clip that comes next */
    void set(double[] cepstrum) {
        mean = cepstrum.clone();
    }

    @Override
    public Data getData() {
        Data data = getPredecessor().getData();
        if (data instanceof DoubleData frame) {
            double[] values = frame.getValues();
            for (int i = 0; i < Math.min(values.length, mean.length); i++) {
                values[i] -= mean[i];
            }
        }
        return data;
    }
}
