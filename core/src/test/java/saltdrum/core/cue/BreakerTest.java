package saltdrum.core.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static saltdrum.core.Words.texts;
import static saltdrum.core.Words.track;
import static saltdrum.core.Words.word;
import static saltdrum.core.Words.words;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;

class BreakerTest {
    @Test
    void oneWordGivesEveryWordItsOwnCue() {
        assertThat(texts(track(Recipe.ONE_WORD, "it is so very fast")))
                .containsExactly("it", "is", "so", "very", "fast");
    }

    @Test
    void aPhraseKeepsToItsCharactersAndOneLine() {
        Track track = track(Recipe.PHRASE, "Stand on the left side where the old lanterns are burning low tonight");
        assertThat(track.cues()).allSatisfy(cue -> {
            assertThat(cue.text().length()).isLessThanOrEqualTo(22);
            assertThat(cue.lineStarts()).isEmpty();
        });
    }

    @Test
    void twoLinesAreEvenAndWithinTheirCharacters() {
        Track track = track(Recipe.TWO_LINES, "Stand on the left side where lanterns are");
        assertThat(track.cues()).hasSize(1);
        Cue cue = track.cues().get(0);
        assertThat(cue.lineStarts()).hasSize(1);
        int at = cue.lineStarts().get(0);
        assertThat(length(cue.words().subList(0, at))).isBetween(17, 22);
        assertThat(length(cue.words().subList(at, cue.words().size()))).isBetween(17, 22);
    }

    private static int length(List<Word> words) {
        return words.stream().mapToInt(w -> w.text().length()).sum() + words.size() - 1;
    }

    @Test
    void aLineDoesNotEndOnAnArticle() {
        assertThat(texts(track(Recipe.PHRASE, "we carried all of the wooden oars")))
                .noneMatch(text -> text.endsWith(" the") || text.endsWith(" of"));
    }

    @Test
    void aSentenceEndIsTheBestBreak() {
        assertThat(texts(track(Recipe.PHRASE, "It is done. Row on"))).containsExactly("It is done.", "Row on");
    }

    @Test
    void aLongSilenceAlwaysBreaks() {
        List<Word> words = List.of(word(1, "row", 0, 200), word(2, "on", 700, 900));
        assertThat(texts(Track.of("en", Recipe.PHRASE, "Mallet", words))).containsExactly("row", "on");
    }

    @Test
    void aNumberStaysWithItsUnit() {
        assertThat(texts(track(Recipe.PHRASE, "sand it with paper of 12 mm tonight")))
                .anyMatch(text -> text.contains("12 mm"));
    }

    @Test
    void aWordLongerThanTheLineStandsAloneAndWhole() {
        assertThat(texts(track(Recipe.PHRASE, "a Donaudampfschifffahrtsgesellschaft sails")))
                .anyMatch(text -> text.contains("Donaudampfschifffahrtsgesellschaft"));
    }

    @Test
    void handMadeBreaksSurviveAndHandMadeJoinsHold() {
        List<Word> words = new ArrayList<>(words("one", "two", "three", "four"));
        words.set(1, words.get(1).withPin(Pin.CUE_BREAK));
        words.set(3, words.get(3).withPin(Pin.TOGETHER));
        assertThat(texts(Track.of("en", Recipe.PHRASE, "Mallet", words))).containsExactly("one", "two three four");
        assertThat(texts(Track.of("en", Recipe.ONE_WORD, "Mallet", words))).containsExactly("one", "two", "three four");
    }

    @Test
    void aPinnedLineBreakIsKept() {
        List<Word> words = new ArrayList<>(words("row", "on", "home"));
        words.set(1, words.get(1).withPin(Pin.LINE_BREAK));
        assertThat(Breaker.lines(words, Recipe.TWO_LINES, "en")).containsExactly(1);
    }

    @Test
    void oneChangedWordDoesNotDisturbCuesFarAway() {
        String text = "Sand it first or you will be back. Three coats thin as tea. Let each one dry until the bell. ";
        Track before = track(Recipe.PHRASE, (text + text + text).trim());
        Track after = track(Recipe.PHRASE, (text.replace("Sand", "Scrape") + text + text).trim());
        List<String> tail =
                texts(before).subList(texts(before).size() / 2, texts(before).size());
        assertThat(texts(after)
                        .subList(texts(after).size() - tail.size(), texts(after).size()))
                .isEqualTo(tail);
    }

    @Test
    void lengthsAreCountedAsAReaderCounts() {
        assertThat(ReadingSpeed.characters("e\u0301te\u0301")).isEqualTo(3);
        assertThat(ReadingSpeed.characters("👩‍🚀")).isEqualTo(1);
    }
}
