package saltdrum.speech;

import java.util.List;
import java.util.Random;
import saltdrum.core.sound.Sound;

/** A made-up sound and words to place on it: what the aligner runs is compiled before the first clip comes. */
final class SpeechWarmUp {
    private static final int SECONDS = 4;
    private static final int LOUDNESS = 2_000;

    static final List<String> WORDS =
            List.of("The", "harbour", "opens", "at", "seven", "and", "the", "boats", "come", "in", "with", "salt");

    private SpeechWarmUp() {}

    /** Noise in bursts of a quarter of a second; the same each time. */
    static Sound sound() {
        short[] samples = new short[SECONDS * Sound.RATE];
        Random noise = new Random(1);
        for (int i = 0; i < samples.length; i++) {
            boolean burst = i * 4 / Sound.RATE % 2 == 0;
            samples[i] = (short) (noise.nextGaussian() * (burst ? LOUDNESS : LOUDNESS / 20));
        }
        return Sound.of(samples);
    }
}
