package saltdrum.core.recut;

import saltdrum.core.sound.Sound;

/** The low band of a sound as a wave, 4,000 values a second, to distinguish the same recording from similar speech. */
final class LowBandWave {
    static final int A_MS = 4;

    private static final int EVERY = Sound.RATE / 1000 / A_MS;
    private static final int SMOOTH = 6;

    private final float[] values;
    private final double[] squares;

    LowBandWave(Sound sound) {
        short[] x = sound.samples();
        int length = Math.max(0, (x.length - SMOOTH) / EVERY);
        values = new float[length];
        double before = 0;
        for (int i = 0; i < length; i++) {
            double sum = 0;
            for (int n = 0; n < SMOOTH; n++) {
                sum += x[i * EVERY + n];
            }
            values[i] = (float) (sum - before);
            before = sum;
        }
        squares = new double[length + 1];
        for (int i = 0; i < length; i++) {
            squares[i + 1] = squares[i] + (double) values[i] * values[i];
        }
    }

    int length() {
        return values.length;
    }

    /** Best place of a stretch of this wave in another. @param like 0 to 1 */
    record Found(int at, double like) {}

    /**
     * Searches the other wave for {@code from..to} around {@code near}, up to {@code around} to each side. Parts
     * outside either wave are not compared.
     */
    Found find(int from, int to, LowBandWave other, int near, int around) {
        Found best = new Found(near, 0);
        for (int at = near - around; at <= near + around; at++) {
            int first = Math.max(0, Math.max(from, from - at));
            int end = Math.min(values.length, Math.min(to, other.values.length + from - at));
            if (2 * (end - first) > to - from) {
                double like = like(first, end, other, at - from);
                if (like > best.like) {
                    best = new Found(at, like);
                }
            }
        }
        return best;
    }

    private double like(int first, int end, LowBandWave other, int shift) {
        double power = squares[end] - squares[first];
        double otherPower = other.squares[end + shift] - other.squares[first + shift];
        if (power <= 0 || otherPower <= 0) {
            return 0;
        }
        double product = 0;
        for (int i = first; i < end; i++) {
            product += values[i] * other.values[i + shift];
        }
        return product / Math.sqrt(power * otherPower);
    }
}
