package saltdrum.core.merge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static saltdrum.core.Words.word;
import static saltdrum.core.Words.words;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Ids;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;

class ReconcileTest {
    private static List<Word> retype(List<Word> old, String typed) {
        return Reconcile.words(old, Tokens.split(typed), new FreeTime(0, 100_000, null), new Ids(900))
                .words();
    }

    private static String said(List<Word> words) {
        return String.join(
                " ",
                words.stream()
                        .map(w -> w.text() + "@" + w.startMs() + "-" + w.endMs())
                        .toList());
    }

    @Test
    void theSameWordsKeepTheirTimes() {
        List<Word> old = words("row", "the", "boat");
        assertThat(retype(old, "row the boat")).isEqualTo(old);
    }

    @Test
    void punctuationAndCapitalsChangeNoTime() {
        assertThat(said(retype(words("row", "the", "boat"), "Row the boat.")))
                .isEqualTo("Row@1000-1300 the@1400-1700 boat.@1800-2100");
    }

    @Test
    void aChangedWordTakesTheTimeOfTheOneItReplaces() {
        assertThat(said(retype(words("row", "the", "goat"), "row the boat")))
                .isEqualTo("row@1000-1300 the@1400-1700 boat@1800-2100");
    }

    @Test
    void oneWordForTwoTakesTheirUnion() {
        assertThat(said(retype(words("the", "boat", "house", "burns"), "the boathouse burns")))
                .isEqualTo("the@1000-1300 boathouse@1400-2100 burns@2200-2500");
    }

    @Test
    void twoWordsForOneShareItBySyllables() {
        assertThat(said(retype(words("the", "boathouse", "burns"), "the boat house burns")))
                .isEqualTo("the@1000-1300 boat@1400-1550 house@1550-1700 burns@1800-2100");
    }

    @Test
    void aNewWordTakesTheRoomBetweenItsNeighbours() {
        assertThat(said(retype(words("row", "boat"), "row the boat")))
                .isEqualTo("row@1000-1300 the@1300-1400 boat@1400-1700");
    }

    @Test
    void whereThereIsNoRoomOnlyTheWordBeforeGivesUpItsEnd() {
        List<Word> old = List.of(word(1, "row", 1000, 1400), word(2, "boat", 1400, 1800));
        assertThat(said(retype(old, "row the boat"))).isEqualTo("row@1000-1200 the@1200-1400 boat@1400-1800");
    }

    @Test
    void aNewFirstWordStandsBeforeTheOthers() {
        assertThat(said(retype(words("boat"), "the boat"))).isEqualTo("the@820-1000 boat@1000-1300");
    }

    @Test
    void aNewFirstWordWithoutARestTakesTheEndOfTheWordBefore() {
        Word before = word(7, "row", 600, 1000);
        Reconcile.Result result =
                Reconcile.words(words("boat"), List.of("the", "boat"), new FreeTime(1000, 9000, before), new Ids(9));
        assertThat(said(result.words())).isEqualTo("the@800-1000 boat@1000-1300");
        assertThat(said(List.of(result.before()))).isEqualTo("row@600-800");
    }

    @Test
    void whereNothingCanGiveItsEndTheTextIsRefused() {
        assertThatThrownBy(() -> Reconcile.words(
                        words("boat"), List.of("the", "boat"), new FreeTime(1000, 9000, null), new Ids(9)))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("no room for “the”")
                .hasMessageContaining("Move the edge");
        List<Word> pressed = List.of(word(1, "row", 1000, 1002), word(2, "boat", 1002, 1400));
        assertThatThrownBy(() -> retype(pressed, "row the boat"))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("between “row” and what follows");
    }

    @Test
    void twoWordsForOneThatIsTooShortTakeTheRestBesideIt() {
        List<Word> pressed = List.of(word(1, "boathouse", 1000, 1001), word(2, "burns", 1400, 1800));
        assertThat(said(retype(pressed, "boat house burns")))
                .isEqualTo("boat@1000-1020 house@1020-1040 burns@1400-1800");
        List<Word> tight = List.of(word(1, "boathouse", 1000, 1001), word(2, "burns", 1001, 1800));
        assertThat(said(retype(tight, "boat house burns"))).isEqualTo("boat@961-981 house@981-1001 burns@1001-1800");
    }

    @Test
    void aNewLastWordIsAsLongAsItsSyllables() {
        assertThat(said(retype(words("row"), "row harbour"))).isEqualTo("row@1000-1300 harbour@1300-1660");
    }

    @Test
    void aDeletedWordLeavesARest() {
        assertThat(said(retype(words("row", "the", "boat"), "row boat"))).isEqualTo("row@1000-1300 boat@1800-2100");
    }

    @Test
    void unchangedWordsKeepTheirIds() {
        assertThat(retype(words("row", "the", "boat"), "row that old boat").stream()
                        .map(Word::id))
                .contains(1L, 3L);
    }
}
