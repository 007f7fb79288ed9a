package saltdrum.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.emphasis.Suggestion;
import saltdrum.core.emphasis.Suggestions;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;

/**
 * Suggested words against those that eSpeak NG was asked to stress ({@code <emphasis level="strong">}, SSML 1.1), on
 * a text that was not used for tuning ({@code speech/corpus/generator/texts/bell.txt}), in two voices.
 */
class EmphasisTest {
    @ParameterizedTest
    @ValueSource(strings = {"bell-espeak-us", "bell-espeak-gb"})
    void fourInFiveStressedWordsAreSuggestedAtTheMiddleStrength(String name) throws Exception {
        Path corpus = Path.of("../speech/corpus");
        List<Word> truth = WordsFile.read(Files.readString(corpus.resolve(name + ".words.json")))
                .toWords();
        Sound sound = SoundTrack.speech(corpus.resolve(name + ".mka"), SoundChoice.USUAL);
        List<Word> plain = truth.stream().map(word -> word.withEmphasis(0)).toList();
        Set<Long> suggested = Suggestions.chosen(Suggestions.scored(plain, sound, "en"), 0.5).stream()
                .map(Suggestion::wordId)
                .collect(Collectors.toSet());
        List<Word> stressed = truth.stream().filter(word -> word.emphasis() > 0).toList();
        long found =
                stressed.stream().filter(word -> suggested.contains(word.id())).count();
        assertThat(stressed).hasSize(12);
        assertThat(found).isGreaterThanOrEqualTo(Math.round(0.8 * stressed.size()));
        assertThat(suggested.size()).isLessThan(truth.size() / 5);
    }
}
