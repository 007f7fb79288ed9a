package saltdrum.speech.acoustic;

import java.util.Arrays;
import java.util.Random;

/**
 * Adds faint noise to the whole sound, {@value #BELOW_LOUD_DB} dB below its loud frames. Digital silence has no
 * logarithm: its frames are so far from all others that they distort the cepstral mean, and score as anything but
 * silence. The noise is deterministic.
 */
public final class Dither {
    static final int BELOW_LOUD_DB = 40;

    private static final int FRAME = 160;
    private static final int FULL_SCALE = 32_767;

    private Dither() {}

    /** @param samples 16 kHz mono; not changed */
    public static short[] under(short[] samples) {
        double level = Math.max(1, loud(samples) / Math.pow(10, BELOW_LOUD_DB / 20.0));
        Random random = new Random(1);
        short[] dithered = new short[samples.length];
        for (int i = 0; i < samples.length; i++) {
            long sum = Math.round(samples[i] + level * random.nextGaussian());
            dithered[i] = (short) Math.max(-FULL_SCALE, Math.min(FULL_SCALE, sum));
        }
        return dithered;
    }

    /** Root mean square of the frame that nine in ten are quieter than. */
    private static double loud(short[] samples) {
        double[] frames = new double[samples.length / FRAME];
        for (int f = 0; f < frames.length; f++) {
            double sum = 0;
            for (int i = f * FRAME; i < (f + 1) * FRAME; i++) {
                sum += (double) samples[i] * samples[i];
            }
            frames[f] = Math.sqrt(sum / FRAME);
        }
        Arrays.sort(frames);
        return frames.length == 0 ? 0 : frames[frames.length * 9 / 10];
    }
}
