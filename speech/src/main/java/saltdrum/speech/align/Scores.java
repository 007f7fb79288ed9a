package saltdrum.speech.align;

import edu.cmu.sphinx.frontend.Data;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Senone;
import java.util.Arrays;
import java.util.List;
import saltdrum.speech.acoustic.AcousticModel;

/** What each frame of a sound scores in each state of the model, worked out once for all searches that go side by side. */
final class Scores {
    private static final int MOST_SENONES = 20_000;

    private final List<Data> features;
    private final Senone[] anySpeech;
    private final float[] scored = new float[MOST_SENONES];
    private final int[] scoredAt = new int[MOST_SENONES];
    private final float[] anySpeechAt;

    Scores(List<Data> features, AcousticModel model) {
        this.features = features;
        this.anySpeech = model.anySpeech().toArray(Senone[]::new);
        Arrays.fill(scoredAt, -1);
        anySpeechAt = new float[features.size()];
        Arrays.fill(anySpeechAt, Float.NaN);
    }

    int frames() {
        return features.size();
    }

    /** Cheap only for the frame that was asked last. */
    float of(Senone senone, int frame) {
        int id = (int) senone.getID();
        if (scoredAt[id] != frame) {
            scoredAt[id] = frame;
            scored[id] = senone.getScore(features.get(frame));
        }
        return scored[id];
    }

    /** The score of the best of all phones. */
    float anySpeech(int frame) {
        if (Float.isNaN(anySpeechAt[frame])) {
            float best = Float.NEGATIVE_INFINITY;
            for (Senone senone : anySpeech) {
                best = Math.max(best, of(senone, frame));
            }
            anySpeechAt[frame] = best;
        }
        return anySpeechAt[frame];
    }

    /**
     * How many nats a frame this path, which scored {@code log} between two frames, is below the best of all phones.
     */
    double shortfall(int from, int to, double log) {
        double best = 0;
        for (int frame = from; frame < to; frame++) {
            best += anySpeech(frame);
        }
        return to == from ? 0 : (best - log) / AcousticModel.NAT / (to - from);
    }
}
