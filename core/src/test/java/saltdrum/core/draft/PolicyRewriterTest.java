package saltdrum.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

class PolicyRewriterTest {
    /** Words of 200 ms, a pause of 100 ms for each stroke: {@code row / home ////// now}. */
    private static List<Word> heard(String text) {
        List<Word> words = new ArrayList<>();
        int at = 0;
        for (String part : text.split(" ")) {
            if (part.startsWith("/")) {
                at += 100 * part.length();
            } else {
                words.add(Word.of(words.size() + 1L, part, at, at + 200, WordSource.RECOGNISED));
                at += 200;
            }
        }
        return words;
    }

    private static String written(String text, WritingPolicy policy) {
        return PolicyRewriter.write(heard(text), policy).stream()
                .map(Word::text)
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "row the boat home ////// then come back; Row the boat home. Then come back.",
                "first sand it /// then wipe it; First sand it, then wipe it.",
                "where is the oar ////// i'm here; Where is the oar? I'm here.",
                "thin as ////// tea; Thin as tea.",
                "done. now row; Done. Now row.",
                "stop, ////// now; Stop, now.",
                "the ////// end; The end."
            })
    void sentencesAreMadeOfPauses(String heard, String written) {
        assertThat(written(heard, WritingPolicy.SENTENCES)).isEqualTo(written);
    }

    @Test
    void sentencesAreMadeOnlyOnce() {
        List<Word> once = PolicyRewriter.write(heard("row home ////// come back"), WritingPolicy.SENTENCES);
        assertThat(PolicyRewriter.write(once, WritingPolicy.SENTENCES)).isEqualTo(once);
    }

    @ParameterizedTest
    @CsvSource({
        "twenty five boats,25 boats",
        "twenty-five boats,25 boats",
        "one hundred and three,103",
        "two thousand four hundred and six,2406",
        "nineteen eighty seven,1987",
        "five hundred and one boats,501 boats",
        "one hundred and done,100 and done",
        "twenty twenty-six,2026",
        "ten percent of it,10% of it",
        "two oars,two oars",
        "forty. five,40. five",
        "a hundred,a hundred"
    })
    void numbersBecomeFigures(String heard, String written) {
        assertThat(written(heard, WritingPolicy.FIGURES)).isEqualTo(written);
    }

    @Test
    void joinedWordsTakeTheTimeOfAll() {
        Word number = PolicyRewriter.write(heard("wait twenty // five"), WritingPolicy.FIGURES)
                .get(1);
        assertThat(number.text() + number.startMs() + "-" + number.endMs()).isEqualTo("25200-800");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "“Sand it first,” he said!; Sand it first he said",
                "don't stop...; don't stop",
                "10% (thin) 2-inch; 10% thin 2-inch",
                "— row; — row"
            })
    void punctuationGoesButNotWhatIsRead(String heard, String written) {
        assertThat(written(heard, WritingPolicy.NO_PUNCTUATION)).isEqualTo(written);
    }
}
