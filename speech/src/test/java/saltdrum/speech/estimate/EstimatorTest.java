package saltdrum.speech.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.placing.SpeechResult;

class EstimatorTest {
    /** 1 s of silence, 1 s of a tone, 1 s of silence, 1 s of a tone. */
    private static Sound twoTones() {
        short[] samples = new short[64_000];
        for (int i = 0; i < samples.length; i++) {
            boolean on = i / 16_000 % 2 == 1;
            samples[i] = (short) (on ? 9000 * Math.sin(i * 0.2) : 20 * Math.sin(i * 0.7));
        }
        return Sound.of(samples);
    }

    @Test
    void wordsLieWhereThereIsSpeechAndAreMarkedEstimated() {
        SpeechResult result = Estimator.place(twoTones(), List.of("Ruder", "Boot", "Hafen", "Tau"), 4000);
        assertThat(result.words()).hasSize(4).allMatch(w -> w.source() == WordSource.ESTIMATED && w.confidence() < 0.5);
        assertThat(result.words().get(0).startMs()).isBetween(960, 1040);
        assertThat(result.words().get(3).endMs()).isBetween(3960, 4040);
        assertThat(result.words()).noneMatch(w -> w.startMs() > 2040 && w.startMs() < 2960);
    }

    @Test
    void withoutSoundTheClipIsShared() {
        List<Word> words = Estimator.place(Sound.NONE, List.of("a", "b"), 1000).words();
        assertThat(words.get(0).startMs()).isZero();
        assertThat(words.get(1).endMs()).isEqualTo(1000);
    }
}
