package saltdrum.core.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static saltdrum.core.Words.texts;
import static saltdrum.core.Words.track;
import static saltdrum.core.Words.word;
import static saltdrum.core.Words.words;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

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

    /** Three thousand words in one cue never terminated. */
    @Test
    @Timeout(60)
    void aCueOfManyWordsComesToAnEnd() {
        for (Pin pin : new Pin[] {Pin.TOGETHER, Pin.LINE_BREAK}) {
            List<Word> words = new ArrayList<>();
            for (int i = 0; i < 6000; i++) {
                words.add(Word.of(i + 1L, "tide", i * 100, i * 100 + 100, WordSource.TYPED)
                        .withPin(i == 0 ? Pin.CUE_BREAK : pin));
            }
            List<Cue> cues = Breaker.cues(words, Recipe.TWO_LINES, "en", new Ids(1));
            assertThat(cues.stream().mapToInt(cue -> cue.words().size()).sum()).isEqualTo(6000);
            if (pin == Pin.TOGETHER) {
                assertThat(cues).hasSize(1);
                // Four words of four letters and their spaces are 19 characters, five are more than 22.
                assertThat(cues.get(0).lineStarts()).hasSize(1499).startsWith(4, 8, 12);
            }
        }
    }

    /** What cannot be shown on a few lines is filled line by line; no line is too long. */
    @Test
    void manyLinesAreFilledOneAfterTheOther() {
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            words.add(Word.of(i + 1L, "lantern".substring(0, 1 + i % 7), i * 100, i * 100 + 100, WordSource.TYPED));
        }
        List<Integer> starts = Breaker.lines(words, Recipe.PHRASE, "en");
        assertThat(starts).hasSizeGreaterThan(8);
        for (int l = 0; l <= starts.size(); l++) {
            int from = l == 0 ? 0 : starts.get(l - 1);
            int to = l == starts.size() ? words.size() : starts.get(l);
            String line = words.subList(from, to).stream().map(Word::text).collect(Collectors.joining(" "));
            assertThat(line.length()).isLessThanOrEqualTo(22);
        }
    }

    @Test
    void aWordTooShortToSeeIsShownWithItsNeighbour() {
        List<Word> fast = List.of(word(1, "Bring", 1000, 1300), word(2, "a", 1300, 1350), word(3, "coat.", 1350, 1800));
        assertThat(texts(Track.of("en", Recipe.ONE_WORD, "Mallet", fast))).containsExactly("Bring", "a coat.");
        List<Word> slow = List.of(word(1, "Bring", 1000, 1300), word(2, "a", 1300, 1420), word(3, "coat.", 1420, 1800));
        assertThat(texts(Track.of("en", Recipe.ONE_WORD, "Mallet", slow))).containsExactly("Bring", "a", "coat.");
    }

    @Test
    void linesAreNoWiderThanTheirMeasure() {
        LineMeasure twelve = (of, lines) -> (start, end) -> of.subList(start, end).stream()
                        .mapToInt(one -> one.text().length() + 1)
                        .sum()
                <= 13;
        List<Word> some = words("Stand", "on", "the", "left", "side", "where", "the", "lanterns", "are");
        assertThat(Breaker.cues(some, Recipe.PHRASE, "en", new Ids(100), twelve))
                .hasSizeGreaterThan(3)
                .allMatch(cue -> cue.text().length() <= 12);
        assertThat(Breaker.cues(some, Recipe.PHRASE.asFitted(false), "en", new Ids(100), twelve))
                .as("a recipe that only counts")
                .anyMatch(cue -> cue.text().length() > 12);
        assertThat(Breaker.lines(some, Recipe.PHRASE, "en", twelve))
                .as("a cue that stays one has as many lines as it needs")
                .hasSize(3);
    }

    /** Lines of a cue that fits no screen were weighed as often as all pairs of its words. */
    @Test
    void aCueOfManyWordsIsMeasuredOnceOrTwiceAWord() {
        AtomicLong measured = new AtomicLong();
        LineMeasure counting = (of, lines) -> (start, end) -> {
            measured.incrementAndGet();
            return true;
        };
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            words.add(Word.of(i + 1L, "tide", i * 100, i * 100 + 100, WordSource.TYPED)
                    .withPin(i == 0 ? Pin.CUE_BREAK : Pin.TOGETHER));
        }
        assertThat(Breaker.cues(words, Recipe.TWO_LINES, "en", new Ids(1), counting))
                .hasSize(1);
        assertThat(measured.get()).isLessThan(4 * 3000);
    }
}
