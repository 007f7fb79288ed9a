package saltdrum.speech.speakers;

import java.util.Arrays;
import org.apache.commons.math3.complex.Complex;
import org.apache.commons.math3.transform.DftNormalization;
import org.apache.commons.math3.transform.FastFourierTransformer;
import org.apache.commons.math3.transform.TransformType;
import saltdrum.core.emphasis.Yin;
import saltdrum.core.sound.Sound;

/**
 * What a voice sounds like, 10 ms by 10 ms: mel cepstra (Davis and Mermelstein 1980) of 25 ms, 26 bands from 100 to 7000 Hz,
 * and the pitch.
 */
final class VoiceFrames {
    static final int FRAME_MS = 10;

    /** Cepstral coefficients 1 to 18; the loudness, 0, is kept apart. */
    static final int CEPSTRA = 18;

    private static final int STEP = Sound.RATE * FRAME_MS / 1000;
    private static final int WINDOW = Sound.RATE * 25 / 1000;
    private static final int TRANSFORM = 512;
    private static final int BANDS = 26;
    private static final double LOWEST_HZ = 100;
    private static final double HIGHEST_HZ = 7000;
    private static final double PRE_EMPHASIS = 0.97;
    private static final double LEAST_POWER = 1e-7;
    private static final double[] HAMMING = hamming();
    private static final double[][] MEL = bands();
    private static final double[][] COSINES = cosines();

    /** Of each frame; see {@link #CEPSTRA}. */
    final float[][] cepstra;

    final float[] loudness;

    /** Hz; 0 where there is no pitch. */
    final float[] pitch;

    private VoiceFrames(int count) {
        cepstra = new float[count][];
        loudness = new float[count];
        pitch = new float[count];
    }

    /** @param wanted the frames to look at; the others stay empty */
    static VoiceFrames of(Sound sound, boolean[] wanted) {
        VoiceFrames frames = new VoiceFrames(wanted.length);
        FastFourierTransformer transformer = new FastFourierTransformer(DftNormalization.STANDARD);
        for (int f = 0; f < wanted.length; f++) {
            if (wanted[f]) {
                frames.look(sound, f, transformer);
            }
        }
        return frames;
    }

    /** Frames of a sound, the last ones not whole. */
    static int count(Sound sound) {
        return sound.length() / STEP;
    }

    private void look(Sound sound, int frame, FastFourierTransformer transformer) {
        int middle = frame * STEP;
        short[] around = sound.samples(middle - WINDOW / 2 - 1, middle + WINDOW / 2 + 1);
        double[] window = new double[TRANSFORM];
        for (int i = 0; i < WINDOW; i++) {
            window[i] = HAMMING[i] * (around[i + 1] - PRE_EMPHASIS * around[i]) / Short.MAX_VALUE;
        }
        Complex[] spectrum = transformer.transform(window, TransformType.FORWARD);
        double[] logs = new double[BANDS];
        for (int b = 0; b < BANDS; b++) {
            double power = 0;
            for (int i = 0; i < MEL[b].length; i++) {
                if (MEL[b][i] > 0) {
                    double re = spectrum[i].getReal();
                    double im = spectrum[i].getImaginary();
                    power += MEL[b][i] * (re * re + im * im);
                }
            }
            logs[b] = Math.log(power + LEAST_POWER);
        }
        float[] values = new float[CEPSTRA];
        for (int c = 0; c <= CEPSTRA; c++) {
            double sum = 0;
            for (int b = 0; b < BANDS; b++) {
                sum += COSINES[c][b] * logs[b];
            }
            if (c == 0) {
                loudness[frame] = (float) sum;
            } else {
                values[c - 1] = (float) sum;
            }
        }
        cepstra[frame] = values;
        pitch[frame] = (float) Yin.hz(sound.samples(middle - Yin.FRAME / 2, middle + Yin.FRAME / 2 + 1), 0);
    }

    private static double[] hamming() {
        double[] window = new double[WINDOW];
        Arrays.setAll(window, i -> 0.54 - 0.46 * Math.cos(2 * Math.PI * i / (WINDOW - 1)));
        return window;
    }

    private static double mel(double hz) {
        return 2595 * Math.log10(1 + hz / 700);
    }

    /** Triangles side by side on the mel scale. */
    private static double[][] bands() {
        double from = mel(LOWEST_HZ);
        double step = (mel(HIGHEST_HZ) - from) / (BANDS + 1);
        double[][] bands = new double[BANDS][TRANSFORM / 2 + 1];
        for (int b = 0; b < BANDS; b++) {
            for (int i = 0; i <= TRANSFORM / 2; i++) {
                double place = (mel((double) i * Sound.RATE / TRANSFORM) - from) / step - b;
                bands[b][i] = Math.max(0, Math.min(place, 2 - place));
            }
        }
        return bands;
    }

    /** Orthonormal cosine transform. */
    private static double[][] cosines() {
        double[][] cosines = new double[CEPSTRA + 1][BANDS];
        for (int c = 0; c <= CEPSTRA; c++) {
            for (int b = 0; b < BANDS; b++) {
                cosines[c][b] = Math.sqrt((c == 0 ? 1.0 : 2.0) / BANDS) * Math.cos(Math.PI * c * (b + 0.5) / BANDS);
            }
        }
        return cosines;
    }
}
