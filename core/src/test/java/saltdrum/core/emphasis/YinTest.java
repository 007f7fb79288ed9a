package saltdrum.core.emphasis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.sound.Sound;

class YinTest {
    /** A tone and its overtones, as a voice has them. */
    private static short[] tone(double hz, double noise) {
        Random random = new Random(7);
        short[] samples = new short[Yin.FRAME + 100];
        for (int i = 0; i < samples.length; i++) {
            double value = 0;
            for (int n = 1; n <= 6; n++) {
                value += Math.sin(2 * Math.PI * hz * n * i / Sound.RATE) / n;
            }
            samples[i] = (short) (6000 * value + 6000 * noise * random.nextGaussian());
        }
        return samples;
    }

    @ParameterizedTest
    @ValueSource(doubles = {80, 110, 146.83, 220, 311.13, 400})
    void thePitchOfAToneIsFound(double hz) {
        assertThat(Yin.hz(tone(hz, 0), 0)).isCloseTo(hz, within(0.005 * hz));
        assertThat(Yin.hz(tone(hz, 0.05), 40)).isCloseTo(hz, within(0.02 * hz));
    }

    @Test
    void noiseAndSilenceHaveNoPitch() {
        assertThat(Yin.hz(tone(0, 1), 0)).isZero();
        assertThat(Yin.hz(new short[Yin.FRAME], 0)).isZero();
    }

    /** The lowest tone with overtones is found, not one of them. */
    @Test
    void anOctaveIsNotMistaken() {
        assertThat(Yin.hz(tone(100, 0.02), 0)).isBetween(98.0, 102.0);
    }
}
