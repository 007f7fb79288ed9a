package saltdrum.core.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static saltdrum.core.Words.words;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.word.Word;

class AmountsToFiguresTest {
    private static String figures(List<Word> words) {
        return PolicyRewriter.write(words, WritingPolicy.FIGURES).stream()
                .map(Word::text)
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "costs us three dollars fifty a litre, costs us $3.50 a litre",
        "three dollars and five cents., $3.05.",
        "'ninety-nine euros, or more', '€99, or more'",
        "twelve hundred dollars, $1200",
        "one dollar each, $1 each",
        "three pounds of nails, three pounds of nails",
        "by four p m we had, by 4pm we had",
        "by 4:00 p.m. we had, by 4pm we had",
        "at 4:00 p.m. Nobody slept, at 4pm. Nobody slept",
        "at four thirty pm, at 4:30pm",
        "the 7 a.m. ferry, the 7am ferry",
        "four thirty boats, four 30 boats",
        "four men, four men",
        "row at 11:40., row at 11:40.",
    })
    void moneyAndTimesOfDayAreWrittenInOneWay(String said, String written) {
        assertThat(figures(words(said.split(" ")))).isEqualTo(written);
    }

    @Test
    void anAmountTakesTheTimeOfItsWords() {
        List<Word> before = words("for", "three", "dollars", "fifty");
        List<Word> after = PolicyRewriter.write(before, WritingPolicy.FIGURES);
        assertThat(after).hasSize(2);
        assertThat(after.get(1).startMs()).isEqualTo(before.get(1).startMs());
        assertThat(after.get(1).endMs()).isEqualTo(before.get(3).endMs());
    }

    @Test
    void whatWasWrittenInWordsComesBack() {
        List<Word> figures = words("by", "4pm", "for", "$3.50");
        assertThat(figures(PolicyRewriter.write(figures, WritingPolicy.NUMBERS_IN_WORDS)))
                .isEqualTo("by 4pm for $3.50");
    }
}
