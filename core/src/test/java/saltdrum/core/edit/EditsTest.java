package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static saltdrum.core.Words.starts;
import static saltdrum.core.Words.texts;
import static saltdrum.core.Words.track;
import static saltdrum.core.Words.word;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;

class EditsTest {
    private final Track track = track(Recipe.PHRASE, "Sand it first. Three coats, thin. Row home.");

    private static long wordId(Track track, String text) {
        return track.words()
                .filter(w -> w.text().equals(text))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static long cueId(Track track, int index) {
        return track.cues().get(index).id();
    }

    @Test
    void splittingAndJoiningKeepEveryTime() {
        Track split = Edits.apply(track, new Edit.SplitCue(wordId(track, "first.")));
        assertThat(texts(split)).startsWith("Sand it", "first.");
        Track joined = Edits.apply(split, new Edit.JoinCues(cueId(split, 0)));
        assertThat(texts(joined)).isEqualTo(texts(track));
        assertThat(starts(joined.words().toList()))
                .isEqualTo(starts(track.words().toList()));
    }

    @Test
    void aHandMadeBreakSurvivesARebreakUntilReleased() {
        Track split = Edits.apply(track, new Edit.SplitCue(wordId(track, "first.")));
        Track again = Edits.apply(split, new Edit.Rebreak(Recipe.TWO_LINES, false));
        assertThat(texts(again)).contains("Sand it").noneMatch(text -> text.startsWith("Sand it first."));
        Track released = Edits.apply(again, new Edit.Rebreak(Recipe.PHRASE, true));
        assertThat(texts(released)).isEqualTo(texts(track));
    }

    @Test
    void movingAWordToTheNextCueKeepsEveryTime() {
        Track moved = Edits.apply(track, new Edit.MoveWord(wordId(track, "first."), true));
        assertThat(texts(moved)).startsWith("Sand it", "first. Three coats, thin.");
        assertThat(moved.words().map(Word::startMs))
                .containsExactlyElementsOf(starts(track.words().toList()));
        Track back = Edits.apply(moved, new Edit.MoveWord(wordId(track, "first."), false));
        assertThat(texts(back)).isEqualTo(texts(track));
    }

    @Test
    void onlyAnEdgeWordCanGoOver() {
        assertThatThrownBy(() -> Edits.apply(track, new Edit.MoveWord(wordId(track, "it"), true)))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("last word");
    }

    @Test
    void theLastWordOfACueTakesTheCueAway() {
        Track one = track(Recipe.ONE_WORD, "row on");
        assertThat(texts(Edits.apply(one, new Edit.MoveWord(wordId(one, "row"), true))))
                .containsExactly("row on");
    }

    @Test
    void emphasisIsSetOnTheNamedWordsOnly() {
        Track set = Edits.apply(track, new Edit.SetEmphasis(List.of(wordId(track, "Three")), 1));
        assertThat(set.words().filter(w -> w.emphasis() == 1).map(Word::text)).containsExactly("Three");
    }

    @Test
    void aLockedCueRefusesEveryChangeAndStaysInARebreak() {
        Track locked = Edits.apply(track, new Edit.Lock(List.of(cueId(track, 0)), true));
        long id = cueId(locked, 0);
        for (Edit edit : List.of(
                new Edit.RetypeCue(id, "other"),
                new Edit.JoinCues(id),
                new Edit.SplitCue(wordId(locked, "it")),
                new Edit.DeleteCues(List.of(id)),
                new Edit.SetEmphasis(List.of(wordId(locked, "it")), 1),
                new Edit.ShiftCues(List.of(id), 10),
                new Edit.RetimeWord(wordId(locked, "it"), 1401, 1690))) {
            assertThatThrownBy(() -> Edits.apply(locked, edit))
                    .isInstanceOf(RefusedEditException.class)
                    .hasMessageContaining("locked");
        }
        Track again = Edits.apply(locked, new Edit.Rebreak(Recipe.ONE_WORD, false));
        assertThat(again.cues().get(0)).isEqualTo(locked.cues().get(0));
        assertThat(again.cues()).hasSize(6);
        assertThat(Edits.apply(again, new Edit.Lock(List.of(id), false))
                        .cues()
                        .get(0)
                        .locked())
                .isFalse();
    }

    @Test
    void retimingStopsAtTheNeighbours() {
        long it = wordId(track, "it");
        assertThat(Edits.apply(track, new Edit.RetimeWord(it, 1300, 1800))
                        .cueOfWord(it)
                        .words()
                        .get(1)
                        .durationMs())
                .isEqualTo(500);
        assertThatThrownBy(() -> Edits.apply(track, new Edit.RetimeWord(it, 1299, 1700)))
                .hasMessageContaining("Sand");
        assertThatThrownBy(() -> Edits.apply(track, new Edit.RetimeWord(it, 1400, 1801)))
                .hasMessageContaining("first.");
    }

    @Test
    void shiftingStopsAtANeighbour() {
        Track shifted = Edits.apply(track, new Edit.ShiftCues(List.of(cueId(track, 0)), -200));
        assertThat(shifted.cues().get(0).firstWordMs()).isEqualTo(800);
        assertThatThrownBy(() -> Edits.apply(track, new Edit.ShiftCues(List.of(cueId(track, 0)), 500)))
                .isInstanceOf(RefusedEditException.class);
    }

    @Test
    void typingNothingDeletesTheCue() {
        assertThat(texts(Edits.apply(track, new Edit.RetypeCue(cueId(track, 1), "  "))))
                .containsExactly("Sand it first.", "Row home.");
    }

    @Test
    void wordsHeardInARangeReplaceOnlyThatRange() {
        List<Word> heard = List.of(word(1, "Four", 2200, 2500), word(2, "coats", 2600, 2900));
        Track replaced = Edits.apply(track, new Edit.ReplaceWords("en", heard, 2200, 3300));
        assertThat(replaced.words().map(Word::text))
                .containsExactly("Sand", "it", "first.", "Four", "coats", "Row", "home.");
        assertThat(replaced.cues().get(0)).isEqualTo(track.cues().get(0));
    }

    @Test
    void breakingALineByHandIsPinned() {
        Track broken = Edits.apply(track, new Edit.BreakLine(wordId(track, "first."), true));
        assertThat(broken.cues().get(0).lineStarts()).containsExactly(2);
        assertThat(broken.cues().get(0).words().get(2).pin()).isEqualTo(Pin.LINE_BREAK);
    }

    @Test
    void whatIsGoneIsNamedSo() {
        assertThatThrownBy(() -> Edits.apply(track, new Edit.JoinCues(999))).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> Edits.apply(track, new Edit.SetEmphasis(List.of(999L), 1)))
                .isInstanceOf(BadInputException.class);
    }

    @Test
    void everyEditSaysWhatItDoes() {
        assertThat(EditWords.describe(track, new Edit.SplitCue(wordId(track, "first."))))
                .isEqualTo("Split “Sand it first.” after “it”");
        assertThat(EditWords.describe(track, new Edit.Rebreak(Recipe.ONE_WORD, false)))
                .isEqualTo("Break by “one word”");
    }
}
