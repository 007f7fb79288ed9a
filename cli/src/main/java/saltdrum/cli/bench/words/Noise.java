package saltdrum.cli.bench.words;

import java.util.Random;
import saltdrum.core.sound.Sound;

/** Disturbances for speech, the same in every run: 16 kHz mono. */
final class Noise {
    private static final int RATE = Sound.RATE;

    private Noise() {}

    /** Pink noise: the sum of white noises of decreasing rate (Voss and McCartney). */
    static double[] pink(int length) {
        Random random = new Random(11);
        double[] rows = new double[14];
        double[] noise = new double[length];
        for (int i = 0; i < length; i++) {
            int row = Math.min(rows.length - 1, Integer.numberOfTrailingZeros(i + 1));
            rows[row] = random.nextDouble() * 2 - 1;
            double sum = random.nextDouble() * 2 - 1;
            for (double r : rows) {
                sum += r;
            }
            noise[i] = sum;
        }
        return noise;
    }

    /** Plucked chords with a bass and a shaker, two beats a second. */
    static double[] music(int length) {
        double[] out = new double[length];
        Random random = new Random(5);
        int beat = RATE / 2;
        double[][] chords = {{220, 277.2, 329.6}, {196, 246.9, 293.7}, {174.6, 220, 261.6}, {164.8, 207.7, 246.9}};
        for (int start = 0, b = 0; start < length; start += beat, b++) {
            double[] chord = chords[b / 4 % 4];
            for (int i = 0; i < Math.min(beat * 2, length - start); i++) {
                double t = (double) i / RATE;
                double sample = Math.sin(Math.PI * chord[0] * t) * Math.exp(-2 * t);
                for (double f : chord) {
                    for (int harmonic = 1; harmonic <= 5; harmonic++) {
                        sample +=
                                Math.sin(2 * Math.PI * f * harmonic * t) / harmonic * Math.exp(-3 * harmonic * t) * 0.5;
                    }
                }
                sample += i < 800 ? (random.nextDouble() - 0.5) * Math.exp(-i / 200.0) : 0;
                out[start + i] += sample;
            }
        }
        return out;
    }

    static Sound pink(Sound speech, double decibels) {
        return Sound.of(mixed(speech.samples(), pink(speech.length()), decibels));
    }

    static Sound music(Sound speech, double decibels) {
        return Sound.of(mixed(speech.samples(), music(speech.length()), decibels));
    }

    /** Speech with noise that many decibels below it. */
    private static short[] mixed(short[] speech, double[] noise, double decibels) {
        double s = 0;
        double n = 0;
        for (int i = 0; i < speech.length; i++) {
            s += (double) speech[i] * speech[i];
            n += noise[i] * noise[i];
        }
        double gain = Math.sqrt(s / n / Math.pow(10, decibels / 10));
        short[] out = new short[speech.length];
        for (int i = 0; i < out.length; i++) {
            out[i] = (short) Math.max(-32_768, Math.min(32_767, Math.round(0.8 * (speech[i] + gain * noise[i]))));
        }
        return out;
    }
}
