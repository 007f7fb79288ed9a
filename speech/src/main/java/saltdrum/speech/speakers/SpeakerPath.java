package saltdrum.speech.speakers;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The likeliest speaker of each word, where speakers change at ends of sentences rather than within them. */
final class SpeakerPath {
    /** Frames side by side tell much the same. */
    private static final double FRAME_WEIGHT = 0.1;

    /** Frames of all voices that each one is smoothed by. */
    private static final int SMOOTH = 50;

    private static final double AFTER_SENTENCE = 0.3;
    private static final double AFTER_PAUSE = 0.09;
    private static final int PAUSE_MS = 250;
    private static final double AFTER_SHORT_PAUSE = 0.03;
    private static final int SHORT_PAUSE_MS = 120;
    private static final double WITHIN = 0.002;

    private final SpokenWords spoken;
    private final int count;
    private final int[] given;

    SpeakerPath(SpokenWords spoken, int count, int[] given) {
        this.spoken = spoken;
        this.count = count;
        this.given = given;
    }

    /** One pass: voices from the words, then words from the voices (Viterbi). */
    int[] through(int[] speakers) {
        double[][] said = likelihoods(speakers);
        int[][] from = new int[said.length][count];
        double[] best = said[0].clone();
        for (int w = 1; w < said.length; w++) {
            double[] next = new double[count];
            for (int k = 0; k < count; k++) {
                next[k] = Double.NEGATIVE_INFINITY;
                for (int j = 0; j < count; j++) {
                    double value = best[j] + change(w, j, k);
                    if (value > next[k]) {
                        next[k] = value;
                        from[w][k] = j;
                    }
                }
                next[k] += said[w][k];
            }
            best = next;
        }
        int speaker = 0;
        for (int k = 1; k < count; k++) {
            speaker = best[k] > best[speaker] ? k : speaker;
        }
        int[] path = new int[said.length];
        for (int w = said.length - 1; w >= 0; w--) {
            path[w] = speaker + 1;
            speaker = from[w][speaker];
        }
        return path;
    }

    /** How sure each word's speaker is: its share among all paths (forward and backward probabilities). */
    double[] sure(int[] speakers) {
        double[][] said = likelihoods(speakers);
        int words = said.length;
        double[][] forward = new double[words][count];
        double[][] backward = new double[words][count];
        forward[0] = said[0].clone();
        for (int w = 1; w < words; w++) {
            for (int k = 0; k < count; k++) {
                double[] ways = new double[count];
                for (int j = 0; j < count; j++) {
                    ways[j] = forward[w - 1][j] + change(w, j, k);
                }
                forward[w][k] = said[w][k] + sum(ways);
            }
        }
        for (int w = words - 2; w >= 0; w--) {
            for (int k = 0; k < count; k++) {
                double[] ways = new double[count];
                for (int j = 0; j < count; j++) {
                    ways[j] = backward[w + 1][j] + change(w + 1, k, j) + said[w + 1][j];
                }
                backward[w][k] = sum(ways);
            }
        }
        double[] sure = new double[words];
        for (int w = 0; w < words; w++) {
            double[] all = new double[count];
            for (int k = 0; k < count; k++) {
                all[k] = forward[w][k] + backward[w][k];
            }
            sure[w] = Math.exp(all[speakers[w] - 1] - sum(all));
        }
        return sure;
    }

    /** Logarithm of a sum of which the logarithms of the parts are known. */
    private static double sum(double[] logs) {
        double most = Arrays.stream(logs).max().orElseThrow();
        if (most == Double.NEGATIVE_INFINITY) {
            return most;
        }
        return most
                + Math.log(Arrays.stream(logs).map(log -> Math.exp(log - most)).sum());
    }

    /** Of each word, said by each speaker. */
    private double[][] likelihoods(int[] speakers) {
        List<VoiceModel.Density> voices = new ArrayList<>();
        for (int k = 1; k <= count; k++) {
            List<Integer> own = new ArrayList<>();
            for (int w = 0; w < speakers.length; w++) {
                if (speakers[w] == k) {
                    own.add(w);
                }
            }
            voices.add(spoken.model(own).density(spoken.all, SMOOTH));
        }
        double[][] said = new double[speakers.length][count];
        for (int w = 0; w < speakers.length; w++) {
            for (int k = 0; k < count; k++) {
                if (given[w] > 0 && given[w] != k + 1) {
                    said[w][k] = Double.NEGATIVE_INFINITY;
                    continue;
                }
                for (double[] frame : spoken.frames.get(w)) {
                    said[w][k] += FRAME_WEIGHT * voices.get(k).of(frame);
                }
            }
        }
        return said;
    }

    /** Log probability that one speaker is followed by the other before a word. */
    private double change(int word, int from, int to) {
        double changes = changes(word);
        return Math.log(from == to ? 1 - changes : changes / (count - 1));
    }

    private double changes(int word) {
        if (spoken.endsSentence(word - 1)) {
            return AFTER_SENTENCE;
        }
        int gap = spoken.gapBefore(word);
        if (gap > PAUSE_MS) {
            return AFTER_PAUSE;
        }
        return gap > SHORT_PAUSE_MS ? AFTER_SHORT_PAUSE : WITHIN;
    }
}
