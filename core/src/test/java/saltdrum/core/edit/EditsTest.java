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
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.BreakEdit.JoinCues;
import saltdrum.core.edit.BreakEdit.MoveWord;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.BreakEdit.SplitEvenly;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.core.edit.MarkEdit.DeleteCues;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.edit.TimingEdit.RetimeWord;
import saltdrum.core.edit.TimingEdit.ShiftCues;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

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

    private static final String LONG = "the tide turns at nine and the ferry leaves without us";

    /** The first cue's lines, parted by a slash. */
    private static String lines(Track track) {
        Cue cue = track.cues().get(0);
        StringBuilder said = new StringBuilder();
        for (int i = 0; i < cue.words().size(); i++) {
            said.append(i == 0 ? "" : cue.lineStarts().contains(i) ? " / " : " ")
                    .append(cue.words().get(i).text());
        }
        return said.toString();
    }

    private static Track retyped(Track track, String text, Boolean asLines) {
        return new RetypeCue(cueId(track, 0), text, asLines).on(track);
    }

    @Test
    void aTypedLineBreakReplacesThoseOfTheRecipe() {
        Track track = new JoinCues(cueId(track(Recipe.PHRASE, LONG), 0)).on(track(Recipe.PHRASE, LONG));
        assertThat(lines(track)).contains(" / ");
        String typed = Scripts.joined(
                        track.cues().get(0).words().stream().map(Word::text).toList())
                .replaceFirst("the tide ", "the tide\n");
        Track broken = retyped(track, typed, true);
        assertThat(lines(broken)).startsWith("the tide / turns at").containsOnlyOnce(" / ");
        assertThat(starts(broken.words().toList()))
                .isEqualTo(starts(track.words().toList()));
        assertThat(broken.cues().get(0).brokenByHand()).isTrue();
    }

    @Test
    void aLineBreakThatWasTakenAwayIsGone() {
        Track broken = retyped(track, "Sand\nit first.", true);
        assertThat(lines(broken)).isEqualTo("Sand / it first.");
        Track whole = retyped(broken, "Sand it first.", true);
        assertThat(lines(whole)).isEqualTo("Sand it first.");
        assertThat(whole.cues().get(0).words().get(1).pin()).isEqualTo(Pin.TOGETHER);
    }

    @Test
    void withoutLinesALineFeedOnlyEndsAWord() {
        Track typed = retyped(track, "Sand\nit first.", null);
        assertThat(typed).isEqualTo(track);
        Track inJapanese = retyped(track, "海\n風", null);
        assertThat(inJapanese.cues().get(0).text()).isEqualTo("海風");
    }

    @Test
    void typedLinesAndNewWordsGoTogether() {
        Track typed = retyped(track, "Sand it\nvery well\nfirst.", true);
        assertThat(lines(typed)).isEqualTo("Sand it / very well / first.");
        // The lines stay when one of the words is typed again.
        assertThat(lines(retyped(typed, "Sand it\nvery, very well\nfirst.", null)))
                .isEqualTo("Sand it / very, very well / first.");
        assertThat(lines(retyped(typed, "Sand it very well first.", null))).isEqualTo("Sand it / very well / first.");
    }

    @Test
    void splittingAndJoiningKeepEveryTime() {
        Track split = new SplitCue(wordId(track, "first.")).on(track);
        assertThat(texts(split)).startsWith("Sand it", "first.");
        Track joined = new JoinCues(cueId(split, 0)).on(split);
        assertThat(texts(joined)).isEqualTo(texts(track));
        assertThat(starts(joined.words().toList()))
                .isEqualTo(starts(track.words().toList()));
    }

    @Test
    void aHandMadeBreakSurvivesARebreakUntilReleased() {
        Track split = new SplitCue(wordId(track, "first.")).on(track);
        Track again = new Rebreak(Recipe.TWO_LINES, false).on(split);
        assertThat(texts(again)).contains("Sand it").noneMatch(text -> text.startsWith("Sand it first."));
        Track released = new Rebreak(Recipe.PHRASE, true).on(again);
        assertThat(texts(released)).isEqualTo(texts(track));
    }

    @Test
    void movingAWordToTheNextCueKeepsEveryTime() {
        Track moved = new MoveWord(wordId(track, "first."), true).on(track);
        assertThat(texts(moved)).startsWith("Sand it", "first. Three coats, thin.");
        assertThat(moved.words().map(Word::startMs))
                .containsExactlyElementsOf(starts(track.words().toList()));
        Track back = new MoveWord(wordId(track, "first."), false).on(moved);
        assertThat(texts(back)).isEqualTo(texts(track));
    }

    @Test
    void onlyAnEdgeWordCanGoOver() {
        assertThatThrownBy(() -> new MoveWord(wordId(track, "it"), true).on(track))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("last word");
    }

    @Test
    void theLastWordOfACueTakesTheCueAway() {
        Track one = track(Recipe.ONE_WORD, "row on");
        assertThat(texts(new MoveWord(wordId(one, "row"), true).on(one))).containsExactly("row on");
    }

    @Test
    void emphasisIsSetOnTheNamedWordsOnly() {
        Track set = new SetEmphasis(List.of(wordId(track, "Three")), 1).on(track);
        assertThat(set.words().filter(w -> w.emphasis() == 1).map(Word::text)).containsExactly("Three");
    }

    @Test
    void cuesAreSplitEvenlyByTheirText() {
        Track two = track(Recipe.PHRASE, "Sand it first again. Go.");
        List<Long> ids = two.cues().stream().map(cue -> cue.id()).toList();
        assertThat(texts(new SplitEvenly(ids).on(two))).containsExactly("Sand it", "first again.", "Go.");
        assertThatThrownBy(() -> new SplitEvenly(List.of(ids.get(1))).on(two))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("one word");
    }

    @Test
    void aLockedCueRefusesEveryChangeAndStaysInARebreak() {
        Track locked = new Lock(List.of(cueId(track, 0)), true).on(track);
        long id = cueId(locked, 0);
        for (Edit edit : List.of(
                new RetypeCue(id, "other"),
                new JoinCues(id),
                new SplitCue(wordId(locked, "it")),
                new DeleteCues(List.of(id)),
                new SetEmphasis(List.of(wordId(locked, "it")), 1),
                new ShiftCues(List.of(id), 10),
                new RetimeWord(wordId(locked, "it"), 1401, 1690))) {
            assertThatThrownBy(() -> edit.on(locked))
                    .isInstanceOf(RefusedEditException.class)
                    .hasMessageContaining("locked");
        }
        Track again = new Rebreak(Recipe.ONE_WORD, false).on(locked);
        assertThat(again.cues().get(0).words()).isEqualTo(locked.cues().get(0).words());
        assertThat(again.cues().get(0).lineStarts())
                .isEqualTo(locked.cues().get(0).lineStarts());
        assertThat(CueTime.of(again).get(0)).isEqualTo(CueTime.of(locked).get(0));
        assertThat(again.cues()).hasSize(6);
        assertThat(new Lock(List.of(id), false).on(again).cues().get(0).locked())
                .isFalse();
    }

    @Test
    void retimingStopsAtTheNeighbours() {
        long it = wordId(track, "it");
        assertThat(new RetimeWord(it, 1300, 1800)
                        .on(track)
                        .cueOfWord(it)
                        .words()
                        .get(1)
                        .durationMs())
                .isEqualTo(500);
        assertThatThrownBy(() -> new RetimeWord(it, 1299, 1700).on(track)).hasMessageContaining("Sand");
        assertThatThrownBy(() -> new RetimeWord(it, 1400, 1801).on(track)).hasMessageContaining("first.");
    }

    @Test
    void shiftingStopsAtANeighbour() {
        Track shifted = new ShiftCues(List.of(cueId(track, 0)), -200).on(track);
        assertThat(shifted.cues().get(0).firstWordMs()).isEqualTo(800);
        assertThatThrownBy(() -> new ShiftCues(List.of(cueId(track, 0)), 500).on(track))
                .isInstanceOf(RefusedEditException.class);
    }

    @Test
    void typingNothingDeletesTheCue() {
        assertThat(texts(new RetypeCue(cueId(track, 1), "  ").on(track)))
                .containsExactly("Sand it first.", "Row home.");
    }

    @Test
    void wordsHeardInARangeReplaceOnlyThatRange() {
        List<Word> heard = List.of(word(1, "Four", 2200, 2500), word(2, "coats", 2600, 2900));
        Track replaced = new ReplaceWords("en", heard, new Range(2200, 3300)).on(track);
        assertThat(replaced.words().map(Word::text))
                .containsExactly("Sand", "it", "first.", "Four", "coats", "Row", "home.");
        assertThat(replaced.cues().get(0)).isEqualTo(track.cues().get(0));
    }

    /** Recognising just one cue put a full stop into the middle of a sentence. */
    @Test
    void speechThatIsRecognisedInPartHasNoFullStopInMidSentence() {
        Track whole = track(Recipe.ONE_WORD, "Sand it and paint it. Row");
        Word it = whole.cues().get(1).words().get(0);
        Word last = whole.cues().get(4).words().get(0);
        assertThat(heardAgain(whole, it, "it.", WordSource.RECOGNISED)).startsWith("Sand it and paint");
        assertThat(heardAgain(whole, it, "it...", WordSource.RECOGNISED)).startsWith("Sand it... and");
        assertThat(heardAgain(whole, it, "it.", WordSource.TYPED)).startsWith("Sand it. and");
        assertThat(heardAgain(whole, last, "it.", WordSource.RECOGNISED)).endsWith("paint it. Row");
    }

    private static String heardAgain(Track track, Word word, String text, WordSource source) {
        List<Word> heard = List.of(Word.of(1, text, word.startMs(), word.endMs(), source));
        Track replaced = new ReplaceWords("en", heard, new Range(word.startMs(), word.endMs())).on(track);
        return String.join(" ", replaced.words().map(Word::text).toList());
    }

    @Test
    void breakingALineByHandIsPinned() {
        Track broken = new BreakLine(wordId(track, "first."), true).on(track);
        assertThat(broken.cues().get(0).lineStarts()).containsExactly(2);
        assertThat(broken.cues().get(0).words().get(2).pin()).isEqualTo(Pin.LINE_BREAK);
    }

    @Test
    void whatIsGoneIsNamedSo() {
        assertThatThrownBy(() -> new JoinCues(999).on(track)).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new SetEmphasis(List.of(999L), 1).on(track)).isInstanceOf(BadInputException.class);
    }

    @Test
    void everyEditSaysWhatItDoes() {
        assertThat(new SplitCue(wordId(track, "first.")).said(track)).isEqualTo("Split “Sand it first.” after “it”");
        assertThat(new Rebreak(Recipe.ONE_WORD, false).said(track)).isEqualTo("Break by “one word”");
    }

    /** The history says where words come from. */
    @Test
    void newWordsAreRecognisedPlacedOrImported() {
        assertThat(fromSource(WordSource.RECOGNISED)).isEqualTo("Recognise 1 word");
        assertThat(fromSource(WordSource.ALIGNED)).isEqualTo("Place 1 word");
        assertThat(fromSource(WordSource.IMPORTED)).isEqualTo("Import 1 word");
    }

    private static String fromSource(WordSource source) {
        return new ReplaceWords("en", List.of(Word.of(1, "tide", 0, 400, source)), 0, 400, null).said(null);
    }
}
