package saltdrum.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.speech.SpeechDesk;

/**
 * Placed words against the times that eSpeak NG and flite tell for their own speech ({@code speech/corpus/generator}), on
 * clips that nothing was tuned on. eSpeak's sound holds digital silence and is unlike any voice of the model.
 */
class CorpusTest {
    /** The benchmark of the corpus places all of them, whole. */
    private static final int LISTENED_MS = Boolean.getBoolean("long") ? Integer.MAX_VALUE : 18_000;

    private static final SpeechDesk DESK = new SpeechDesk();

    @ParameterizedTest
    @ValueSource(strings = {"limpets-espeak-us", "ferry-flite-awb"})
    void everyWordIsFoundAndAlmostNoneIsFarOff(String name) throws Exception {
        Path corpus = Path.of("../speech/corpus");
        List<Word> truth = WordsFile.read(Files.readString(corpus.resolve(name + ".words.json"))).toWords().stream()
                .filter(word -> word.endMs() < LISTENED_MS - 300)
                .toList();
        Sound whole = SoundTrack.speech(corpus.resolve(name + ".mka"), SoundChoice.USUAL);
        Sound sound = Sound.of(Arrays.copyOf(
                whole.samples(),
                Math.min(whole.length(), truth.get(truth.size() - 1).endMs() * (Sound.RATE / 1000))));
        List<String> tokens = truth.stream().map(Word::text).toList();
        List<Word> placed = DESK.place(sound, tokens, "en", sound.lengthMs(), List.of(), done -> {}, () -> false)
                .words();
        assertThat(placed).hasSameSizeAs(truth);
        assertThat(placed.stream().filter(word -> word.source() != WordSource.ALIGNED))
                .hasSizeLessThanOrEqualTo(1);
        List<Integer> errors = new ArrayList<>();
        for (int i = 0; i < truth.size(); i++) {
            // Confidence 0 marks the small words that eSpeak runs together and tells no time of.
            if (truth.get(i).confidence() > 0) {
                errors.add(Math.abs(placed.get(i).startMs() - truth.get(i).startMs()));
            }
        }
        errors.sort(null);
        assertThat(errors.get(errors.size() / 2)).isLessThanOrEqualTo(20);
        assertThat(errors.get(errors.size() * 9 / 10)).isLessThanOrEqualTo(50);
        assertThat(errors.stream().filter(error -> error > 150)).hasSizeLessThanOrEqualTo(1);
    }
}
