package saltdrum.core.emphasis;

import saltdrum.core.sound.Sound;

/**
 * Fundamental frequency of a voice by YIN: de Cheveigné and Kawahara, “YIN, a fundamental frequency estimator for speech
 * and music”, J. Acoust. Soc. Am. 111 (2002): difference function, cumulative mean normalised, absolute threshold,
 * parabolic interpolation (steps 2 to 5).
 */
public final class Yin {
    private static final double LOWEST_HZ = 65;
    private static final double HIGHEST_HZ = 450;
    /** The paper's threshold is 0.1; for frames with noise 0.15 is common practice, no source. */
    private static final double THRESHOLD = 0.15;

    private static final int LONGEST = (int) Math.ceil(Sound.RATE / LOWEST_HZ);
    private static final int SHORTEST = (int) Math.floor(Sound.RATE / HIGHEST_HZ);
    /** Samples a frame needs: the integration window and the longest lag. */
    public static final int FRAME = 2 * LONGEST;

    private Yin() {}

    /**
     * @param samples 16 kHz mono
     * @param from first sample of a frame of {@link #FRAME}
     * @return Hz, or 0 where there is no voice
     */
    public static double hz(short[] samples, int from) {
        double[] difference = new double[LONGEST + 1];
        for (int lag = 1; lag <= LONGEST; lag++) {
            double sum = 0;
            for (int i = 0; i < LONGEST; i++) {
                double d = samples[from + i] - samples[from + i + lag];
                sum += d * d;
            }
            difference[lag] = sum;
        }
        double[] normal = new double[LONGEST + 1];
        normal[0] = 1;
        double running = 0;
        for (int lag = 1; lag <= LONGEST; lag++) {
            running += difference[lag];
            normal[lag] = running == 0 ? 1 : difference[lag] * lag / running;
        }
        for (int lag = SHORTEST; lag < LONGEST; lag++) {
            if (normal[lag] < THRESHOLD) {
                int best = lag;
                while (best + 1 < LONGEST && normal[best + 1] < normal[best]) {
                    best++;
                }
                return Sound.RATE / parabolic(normal, best);
            }
        }
        return 0;
    }

    private static double parabolic(double[] values, int at) {
        double a = values[at - 1];
        double b = values[at];
        double c = values[at + 1];
        double bend = a - 2 * b + c;
        return bend == 0 ? at : at + (a - c) / (2 * bend);
    }
}
