package saltdrum.speech.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.Sound;

class RecogniserTest {
    @Test
    void aDraftHasMostOfTheWordsInOrder() {
        List<Word> heard = new Recogniser().recognise(Sound.spoken(), 0, List.of(), words -> {}, () -> false);
        assertThat(heard).hasSizeBetween(10, 24).allMatch(w -> w.source() == WordSource.RECOGNISED);
        assertThat(heard).isSortedAccordingTo(java.util.Comparator.comparingInt(Word::startMs));
        assertThat(heard.stream().map(Word::text)).contains("first", "back", "friday", "three", "coats");
    }

    @Test
    void theSameSoundIsHeardTheSameWhateverWasHeardBefore() {
        Recogniser recogniser = new Recogniser();
        short[] later = Arrays.copyOfRange(Sound.spoken(), 48_000, Sound.spoken().length);
        List<Word> first = recogniser.recognise(Sound.spoken(), 0, List.of(), words -> {}, () -> false);
        recogniser.recognise(later, 0, List.of(), words -> {}, () -> false);
        assertThat(recogniser.recognise(Sound.spoken(), 0, List.of(), words -> {}, () -> false))
                .isEqualTo(first);
    }

    @Test
    void noWordIsSurerThanWordsWithoutARivalAreRight() {
        List<Word> heard = new Recogniser().recognise(Sound.spoken(), 0, List.of(), words -> {}, () -> false);
        assertThat(heard).allMatch(word -> word.confidence() > 0 && word.confidence() <= 0.82);
        assertThat(heard.stream().map(Word::confidence).distinct()).hasSizeGreaterThan(1);
    }

    @Test
    void aPieceWithoutSpeechDoesNotSpoilWhatIsHeardNext() {
        Recogniser recogniser = new Recogniser();
        for (int ms : new int[] {30, 300, 900}) {
            assertThat(recogniser.recognise(Sound.silence(ms), 0, List.of(), words -> {}, () -> false))
                    .isEmpty();
        }
        assertThat(recogniser.recognise(Sound.spoken(), 0, List.of(), words -> {}, () -> false).stream()
                        .map(Word::text))
                .contains("coats");
    }
}
