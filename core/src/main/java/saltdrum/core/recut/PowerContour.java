package saltdrum.core.recut;

import saltdrum.core.sound.Sound;

/**
 * The contour of a sound in steps of 10 ms: the logarithm of its power and of the power of its first and second
 * difference, which separate low from high. The same recording has the same contour at any volume.
 */
final class PowerContour {
    static final int STEP_MS = 10;

    private static final int STEP = Sound.RATE / 1000 * STEP_MS;
    private static final int BANDS = 3;
    /** Below this is silence: a few steps of a 16-bit sample. */
    private static final double FLOOR = 20;
    /** Variance of what does not go anywhere. */
    private static final double FLAT = 0.02;

    private final double[][] bands;
    private final double[][] sums;
    private final double[][] squares;

    PowerContour(Sound sound) {
        int steps = sound.length() / STEP;
        bands = new double[BANDS][steps];
        for (int i = 0; i < steps; i++) {
            // One second's worth at a time would do; two samples before are what the differences begin from.
            short[] x = sound.samples(i * STEP - 2, (i + 1) * STEP);
            double power = 0;
            double first = 0;
            double second = 0;
            for (int n = 2; n < x.length; n++) {
                double d = x[n] - x[n - 1];
                double dd = x[n] - 2.0 * x[n - 1] + x[n - 2];
                power += (double) x[n] * x[n];
                first += d * d;
                second += dd * dd;
            }
            bands[0][i] = Math.log(power / STEP + FLOOR);
            bands[1][i] = Math.log(first / STEP + FLOOR);
            bands[2][i] = Math.log(second / STEP + FLOOR);
        }
        sums = new double[BANDS][steps + 1];
        squares = new double[BANDS][steps + 1];
        for (int b = 0; b < BANDS; b++) {
            for (int i = 0; i < steps; i++) {
                sums[b][i + 1] = sums[b][i] + bands[b][i];
                squares[b][i + 1] = squares[b][i] + bands[b][i] * bands[b][i];
            }
        }
    }

    int length() {
        return bands[0].length;
    }

    /** Correlation of {@code length} steps from {@code from} with those of another from {@code at}: -1 to 1, the mean of all bands. */
    double like(int from, int length, PowerContour other, int at) {
        double all = 0;
        for (int b = 0; b < BANDS; b++) {
            double mean = (sums[b][from + length] - sums[b][from]) / length;
            double variance = (squares[b][from + length] - squares[b][from]) / length - mean * mean;
            double otherMean = (other.sums[b][at + length] - other.sums[b][at]) / length;
            double otherVariance =
                    (other.squares[b][at + length] - other.squares[b][at]) / length - otherMean * otherMean;
            if (variance < FLAT || otherVariance < FLAT) {
                continue;
            }
            double product = 0;
            for (int i = 0; i < length; i++) {
                product += bands[b][from + i] * other.bands[b][at + i];
            }
            all += (product / length - mean * otherMean) / Math.sqrt(variance * otherVariance);
        }
        return all / BANDS;
    }
}
