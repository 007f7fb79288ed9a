package saltdrum.core.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static saltdrum.core.Words.words;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.word.Word;

/** Numbers are spelled by ICU's rules; the no-break space of a number is shown as “~”. */
class FiguresToWordsTest {
    private static String text(List<Word> words) {
        return words.stream().map(Word::text).collect(Collectors.joining(" ")).replace('\u00A0', '~');
    }

    @ParameterizedTest
    @CsvSource({
        "25, twenty-five",
        "'1,200.', one~thousand~two~hundred.",
        "1952, nineteen~fifty-two",
        "$3.50, three~dollars~fifty",
        "10%, ten~percent",
        "4pm, four~p~m",
        "Skarholm, Skarholm",
        "B2, B2",
    })
    void aFigureIsWrittenAsItIsSaid(String figure, String said) {
        assertThat(text(PolicyRewriter.write(words(figure), WritingPolicy.NUMBERS_IN_WORDS)))
                .isEqualTo(said);
    }

    @Test
    void itKeepsItsTimeAndItsPlace() {
        List<Word> before = words("row", "25", "boats");
        List<Word> after = PolicyRewriter.write(before, WritingPolicy.NUMBERS_IN_WORDS);
        assertThat(after).extracting(Word::id).containsExactly(1L, 2L, 3L);
        assertThat(after)
                .extracting(Word::startMs)
                .isEqualTo(before.stream().map(Word::startMs).toList());
    }

    @Test
    void figuresComeBackOutOfWords() {
        List<Word> inWords =
                PolicyRewriter.write(words("row", "25", "boats", "since", "1952"), WritingPolicy.NUMBERS_IN_WORDS);
        assertThat(text(PolicyRewriter.write(inWords, WritingPolicy.FIGURES))).isEqualTo("row 25 boats since 1952");
    }
}
