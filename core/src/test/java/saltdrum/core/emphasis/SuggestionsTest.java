package saltdrum.core.emphasis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

class SuggestionsTest {
    private static final String TEXT =
            "We sand it first and then we wait for the coat to dry in the shed, not outside, and it takes three days.";

    private static List<Word> words(String text) {
        List<Word> words = new ArrayList<>();
        String[] parts = text.split(" ");
        for (int i = 0; i < parts.length; i++) {
            words.add(Word.of(i + 1, parts[i], 300 * i, 300 * i + 280, WordSource.RECOGNISED));
        }
        return words;
    }

    /** A steady tone, louder in one word. */
    private static Sound sound(int words, int loudWord) {
        short[] samples = new short[words * 300 * 16];
        for (int i = 0; i < samples.length; i++) {
            int word = i / (300 * 16);
            double level = word == loudWord ? 9000 : 2500 + 120 * (word % 5);
            samples[i] = (short) (level * Math.sin(2 * Math.PI * (118 + word % 3) * i / Sound.RATE));
        }
        return Sound.of(samples);
    }

    @Test
    void aWordThatIsSaidLouderIsSuggestedAndSaysWhy() {
        List<Word> words = words(TEXT);
        List<Suggestion> found = Suggestions.chosen(Suggestions.scored(words, sound(words.size(), 10), "en"), 0.5);
        assertThat(found).anySatisfy(one -> {
            assertThat(one.wordId()).isEqualTo(words.get(10).id());
            assertThat(one.because()).anyMatch(why -> why.startsWith("said louder"));
        });
    }

    @Test
    void withoutSoundTheTextSpeaks() {
        List<Word> words = words(TEXT);
        List<String> said = Suggestions.chosen(Suggestions.scored(words, Sound.NONE, "en"), 1).stream()
                .map(one -> words.get((int) one.wordId() - 1).text() + ": " + String.join(", ", one.because()))
                .toList();
        assertThat(said).contains("three: a number", "not: a no").noneMatch(text -> text.startsWith("the:"));
    }

    /** “Only” is no pause: the reason was worded so once. */
    @Test
    void aWordThatSinglesSomethingOutSaysSo() {
        List<Word> words = words("The tide turns only here.");
        assertThat(Suggestions.chosen(Suggestions.scored(words, Sound.NONE, "en"), 1))
                .anySatisfy(one -> {
                    assertThat(words.get((int) one.wordId() - 1).text()).isEqualTo("only");
                    assertThat(one.because()).containsExactly("singles something out");
                });
    }

    @Test
    void suggestionsAreFewerThanOneWordInFiveWhateverTheStrength() {
        List<Word> words = words((TEXT + " Never one two three four five six seven eight nine ten. ")
                .repeat(4)
                .strip());
        for (double strength = 0; strength <= 1; strength += 0.1) {
            assertThat(Suggestions.chosen(Suggestions.scored(words, Sound.NONE, "en"), strength)
                            .size())
                    .isLessThan((words.size() + 4) / 5);
        }
    }

    @Test
    void moreStrengthKeepsWhatLessHad() {
        List<Word> words = words(TEXT);
        Sound sound = sound(words.size(), 4);
        List<Suggestion> before = List.of();
        for (double strength = 0; strength <= 1; strength += 0.25) {
            List<Suggestion> now = Suggestions.chosen(Suggestions.scored(words, sound, "en"), strength);
            assertThat(now).containsAll(before);
            before = now;
        }
    }

    @Test
    void nothingIsSuggestedOfNothing() {
        assertThat(Suggestions.chosen(Suggestions.scored(List.of(), Sound.NONE, null), 1))
                .isEmpty();
        assertThat(Suggestions.chosen(Suggestions.scored(words("Row"), Sound.NONE, "und"), 1))
                .hasSizeLessThanOrEqualTo(1);
    }
}
