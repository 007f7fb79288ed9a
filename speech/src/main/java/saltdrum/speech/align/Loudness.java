package saltdrum.speech.align;

import java.util.Arrays;

/** Whether a stretch is loud enough to be speech of this clip: digital silence scores as anything but silence. */
final class Loudness {
    private static final int FRAME = 160;

    private final double[] level;
    private final double threshold;

    /** @param samples 16 kHz mono */
    Loudness(short[] samples) {
        level = new double[samples.length / FRAME];
        for (int f = 0; f < level.length; f++) {
            double sum = 0;
            for (int i = 0; i < FRAME; i++) {
                double s = samples[f * FRAME + i];
                sum += s * s;
            }
            level[f] = 10 * Math.log10(sum / FRAME + 1);
        }
        double[] sorted = level.clone();
        Arrays.sort(sorted);
        double quiet = sorted.length == 0 ? 0 : sorted[sorted.length / 20];
        double loud = sorted.length == 0 ? 0 : sorted[sorted.length * 9 / 10];
        threshold = quiet + 0.5 * (loud - quiet);
    }

    /** Whether at least half of the stretch is louder than midway between the clip's quiet and loud. */
    boolean speaks(int fromMs, int toMs) {
        int from = Math.min(level.length, fromMs / 10);
        int to = Math.min(level.length, Math.max(from + 1, toMs / 10));
        long loud = Arrays.stream(level, from, to).filter(l -> l >= threshold).count();
        return loud * 2 >= to - from;
    }
}
