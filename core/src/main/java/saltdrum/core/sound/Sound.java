package saltdrum.core.sound;

import java.nio.ShortBuffer;

/**
 * One voice track for speech processing: 16 kHz, mono, 16 bits. Times are milliseconds from its beginning. Parts
 * share the samples of the whole, which may be a mapped file, so that a long clip is never in memory as a whole.
 * Immutable.
 */
public final class Sound {
    /** Samples a second. */
    public static final int RATE = 16_000;

    private static final int SAMPLES_A_MS = RATE / 1000;

    /** Of a clip without sound. */
    public static final Sound NONE = new Sound(ShortBuffer.allocate(0));

    private final ShortBuffer samples;

    private Sound(ShortBuffer samples) {
        this.samples = samples;
    }

    /** @param samples 16 kHz mono; shared, not copied */
    public static Sound of(short[] samples) {
        return new Sound(ShortBuffer.wrap(samples));
    }

    /** @param samples 16 kHz mono, from position to limit; shared, not copied */
    public static Sound of(ShortBuffer samples) {
        return new Sound(samples.slice());
    }

    public boolean isEmpty() {
        return samples.capacity() == 0;
    }

    public int length() {
        return samples.capacity();
    }

    public int lengthMs() {
        return samples.capacity() / SAMPLES_A_MS;
    }

    public double seconds() {
        return samples.capacity() / (double) RATE;
    }

    /** The part between two times, which are clamped to the sound. */
    public Sound part(int fromMs, int toMs) {
        int from = at(fromMs);
        return new Sound(samples.slice(from, Math.max(from, at(toMs)) - from));
    }

    /** All samples, copied. */
    public short[] samples() {
        return samples(0, length());
    }

    /** A copy of samples by their indexes; those outside the sound are silence. */
    public short[] samples(int from, int to) {
        short[] copy = new short[to - from];
        int first = Math.max(0, from);
        int last = Math.min(length(), to);
        if (first < last) {
            samples.get(first, copy, first - from, last - first);
        }
        return copy;
    }

    /** Number of the sample at a time. */
    private int at(int ms) {
        return (int) Math.max(0, Math.min(length(), (long) ms * SAMPLES_A_MS));
    }
}
