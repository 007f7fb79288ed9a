package saltdrum.speech.acoustic;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class DitherTest {
    private static short[] tone(int amplitude) {
        short[] samples = new short[32_000];
        for (int i = 0; i < 16_000; i++) {
            samples[i] = (short) (amplitude * Math.sin(i * 0.3));
        }
        return samples;
    }

    private static double levelDb(short[] samples, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += (double) samples[i] * samples[i];
        }
        return 10 * Math.log10(sum / (to - from));
    }

    @Test
    void digitalSilenceGetsNoiseFortyDecibelsBelowTheLoud() {
        for (int amplitude : new int[] {3000, 20_000}) {
            short[] dithered = Dither.under(tone(amplitude));
            assertThat(levelDb(dithered, 0, 16_000) - levelDb(dithered, 16_000, 32_000))
                    .isCloseTo(Dither.BELOW_LOUD_DB, within(0.3));
        }
    }

    @Test
    void theSameSoundIsTheSameAgainAndIsNotChanged() {
        short[] tone = tone(3000);
        assertThat(Dither.under(tone)).isEqualTo(Dither.under(tone));
        assertThat(tone).isEqualTo(tone(3000));
    }

    @Test
    void fullScaleDoesNotTurnOver() {
        short[] loud = new short[16_000];
        Arrays.fill(loud, Short.MAX_VALUE);
        assertThat(Dither.under(loud)).doesNotContain(Short.MIN_VALUE).contains(Short.MAX_VALUE);
        for (short sample : Dither.under(loud)) {
            assertThat(sample).isPositive();
        }
    }

    @Test
    void soundWithoutAnyLevelStillGetsSome() {
        assertThat(levelDb(Dither.under(new short[16_000]), 0, 16_000)).isGreaterThan(-3);
        assertThat(Dither.under(new short[0])).isEmpty();
    }
}
