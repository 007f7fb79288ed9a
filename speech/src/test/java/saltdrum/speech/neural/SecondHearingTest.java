package saltdrum.speech.neural;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.word.Word;
import saltdrum.speech.neural.Listener.Said;
import saltdrum.speech.neural.TextWords.TextWord;

/** How sure words are that were heard twice. */
class SecondHearingTest {
    private static Said said(String text, double confidence, String... readings) {
        return new Said(text, confidence, List.of(readings));
    }

    private static List<Said> weighed(List<Said> first, String... again) {
        return new SecondHearing(null, null)
                .weighed(
                        first,
                        List.of(again).stream()
                                .map(text -> new TextWord(text, 0, 1, 0.95))
                                .toList());
    }

    @Test
    void onlyAPieceWithAnUnsureWordIsHeardAgain() {
        assertThat(SecondHearing.isNeeded(List.of(said("sand", 0.9), said("it", 0.59))))
                .isTrue();
        assertThat(SecondHearing.isNeeded(List.of(said("sand", 0.9), said("it", 0.6))))
                .isFalse();
    }

    @Test
    void whatBothHearingsSayIsSure() {
        assertThat(weighed(List.of(said("Sand", 0.55)), "sand.").get(0).confidence())
                .isGreaterThan(Word.UNSURE_BELOW);
        assertThat(weighed(List.of(said("10", 0.55)), "ten").get(0).confidence())
                .as("another way of writing it")
                .isGreaterThan(Word.UNSURE_BELOW);
    }

    /** Even where the first was sure of it: those were the wrong words that nothing marked. */
    @Test
    void whatTheSecondHearsOtherwiseIsUnsureAndItsWordIsTheFirstReading() {
        Said word = weighed(List.of(said("row", 0.99), said("locks", 0.9, "lock")), "row", "looks.")
                .get(1);
        assertThat(word.confidence()).isLessThan(Word.UNSURE_BELOW);
        assertThat(word.text()).isEqualTo("locks");
        assertThat(word.readings()).containsExactly("looks", "lock");
    }

    @Test
    void oneWordHeardAsTwoAndAWordThatWasNotHeardAgain() {
        List<Said> both = weighed(
                List.of(said("the", 0.9), said("rowlocks", 0.5), said("now", 0.9)), "the", "row", "locks", "now");
        assertThat(both).extracting(Said::text).containsExactly("the", "rowlocks", "now");
        assertThat(both.get(1).readings()).containsExactly("row locks");
        List<Said> none = weighed(List.of(said("thin", 0.9), said("as", 0.5), said("tea", 0.9)), "thin", "tea");
        assertThat(none.get(1).readings()).isEmpty();
        assertThat(none.get(1).confidence()).isLessThan(Word.UNSURE_BELOW);
    }

    /** The figures of the regression: how often wrong, by hand. */
    @Test
    void confidenceIsThatOfTheLimitWhereFifteenInAHundredAreWrong() {
        // ln(0.952 / 0.052) = 2.907, ln(0.002 / 1.002) = -6.217: 1 / (1 + e^(1.25 + 0.41 * 2.907 - 0.32 * 6.217)) =
        // 0.387
        assertThat(SecondHearing.sure(0.95, 0))
                .isCloseTo(0.6 * (1 - 0.387) / 0.85, org.assertj.core.data.Offset.offset(0.002));
        assertThat(SecondHearing.sure(1, 1)).isGreaterThan(0.99);
        assertThat(SecondHearing.sure(0.1, 0)).isLessThan(0.15);
    }

    @Test
    void fewWordsInMuchSpeechAreNotAllOfIt() {
        Pieces.Piece ten = new Pieces.Piece(0, 12_000, 10_000);
        assertThat(Listener.isFew(17, ten)).isTrue();
        assertThat(Listener.isFew(18, ten)).isFalse();
        assertThat(Listener.isFew(1, new Pieces.Piece(0, 4_000, 3_900)))
                .as("“Yes.”")
                .isFalse();
    }
}
