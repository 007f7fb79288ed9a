package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static saltdrum.core.Words.word;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueOverrides;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.ShowingEdit.BridgeGaps;
import saltdrum.core.edit.ShowingEdit.HoldAtLeast;
import saltdrum.core.edit.ShowingEdit.SetCueTime;
import saltdrum.core.edit.ShowingEdit.TrimToSpeech;
import saltdrum.core.edit.TextEdit.AddCue;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.edit.TimingEdit.MoveEdge;
import saltdrum.core.edit.TimingEdit.NudgeWords;
import saltdrum.core.edit.TimingEdit.PushMode;
import saltdrum.core.edit.TimingEdit.ShiftAfter;
import saltdrum.core.edit.TimingEdit.StretchCues;
import saltdrum.core.word.Word;

/** Two cues: “the old” 100–300–500, “oar floats” 500–800 and 900–1200. */
class TimingEditsTest {
    private static final Recipe PLAIN = new Recipe("plain", 22, 1, 100, 4000, 0, 450, 0, 0, 0);

    private final Track track = new Track(
            "en",
            PLAIN,
            "Mallet",
            Frame.OWN,
            List.of(
                    new Cue(10, List.of(word(1, "the", 100, 300), word(2, "old", 300, 500)), List.of(), false),
                    new Cue(20, List.of(word(3, "oar", 500, 800), word(4, "floats", 900, 1200)), List.of(), false)),
            30);

    private static String times(Track track) {
        return String.join(
                " ", track.words().map(w -> w.startMs() + "-" + w.endMs()).toList());
    }

    private Track apply(Edit edit) {
        return edit.on(track);
    }

    @Test
    void aNeighbourThatTouchesFollowsTheEdge() {
        assertThat(times(apply(new MoveEdge(1, true, 350, PushMode.FOLLOW))))
                .isEqualTo("100-350 350-500 500-800 900-1200");
        assertThat(times(apply(new MoveEdge(3, false, 420, PushMode.FOLLOW))))
                .isEqualTo("100-300 300-420 420-800 900-1200");
    }

    @Test
    void anEdgeAloneLeavesARest() {
        assertThat(times(apply(new MoveEdge(1, true, 250, PushMode.STOP))))
                .isEqualTo("100-250 300-500 500-800 900-1200");
    }

    @Test
    void aDragStopsAtTheNeighbour() {
        assertThat(times(apply(new MoveEdge(3, true, 2000, PushMode.FOLLOW))))
                .isEqualTo("100-300 300-500 500-900 900-1200");
        assertThat(times(apply(new MoveEdge(1, true, 2000, PushMode.FOLLOW))))
                .isEqualTo("100-480 480-500 500-800 900-1200");
        assertThat(times(apply(new MoveEdge(1, false, -50, PushMode.STOP)))).startsWith("0-300 ");
    }

    @Test
    void onPurposeItPushesTheNeighbours() {
        assertThat(times(apply(new MoveEdge(1, true, 450, PushMode.PUSH))))
                .isEqualTo("100-450 450-650 650-950 950-1250");
        assertThat(times(apply(new MoveEdge(4, false, 700, PushMode.PUSH))))
                .isEqualTo("0-200 200-400 400-700 700-1200");
        assertThat(times(apply(new MoveEdge(4, false, 820, PushMode.PUSH))))
                .isEqualTo("100-300 300-500 500-800 820-1200");
    }

    @Test
    void pushingEndsAtALockedCue() {
        Track locked = new Lock(List.of(20L), true).on(track);
        assertThat(times(new MoveEdge(1, true, 900, PushMode.PUSH).on(locked)))
                .isEqualTo("100-300 300-500 500-800 900-1200");
        assertThat(times(new MoveEdge(2, true, 900, PushMode.FOLLOW).on(locked)))
                .isEqualTo(times(track));
    }

    @Test
    void wordsMoveWholeAsFarAsThereIsRoom() {
        assertThat(times(apply(new NudgeWords(List.of(3L), 60, PushMode.STOP))))
                .isEqualTo("100-300 300-500 560-860 900-1200");
        assertThat(times(apply(new NudgeWords(List.of(3L), 500, PushMode.STOP))))
                .isEqualTo("100-300 300-500 600-900 900-1200");
        assertThat(times(apply(new NudgeWords(List.of(3L, 4L), 500, PushMode.STOP))))
                .isEqualTo("100-300 300-500 1000-1300 1400-1700");
        assertThat(times(apply(new NudgeWords(List.of(2L), 100, PushMode.PUSH))))
                .isEqualTo("100-300 400-600 600-900 900-1200");
    }

    @Test
    void aMoveWithoutRoomSaysWhatStandsInTheWay() {
        assertThatThrownBy(() -> apply(new NudgeWords(List.of(1L), 10, PushMode.STOP)))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("“old” is in the way");
    }

    @Test
    void everythingAfterIsShifted() {
        assertThat(times(apply(new ShiftAfter(20, 250)))).isEqualTo("100-300 300-500 750-1050 1150-1450");
        assertThatThrownBy(() -> apply(new ShiftAfter(20, -1))).hasMessageContaining("These cues cannot move that far");
    }

    @Test
    void aRunIsStretchedInProportion() {
        assertThat(times(apply(new StretchCues(List.of(20L), 600, 2000))))
                .isEqualTo("100-300 300-500 600-1200 1400-2000");
        assertThat(times(apply(new StretchCues(List.of(10L, 20L), 0, 550)))).isEqualTo("0-100 100-200 200-350 400-550");
        assertThatThrownBy(() -> apply(new StretchCues(List.of(20L), 400, 2000)))
                .hasMessageContaining("less room");
        assertThatThrownBy(() -> apply(new StretchCues(List.of(20L), 500, 530))).hasMessageContaining("at least 40 ms");
    }

    @Test
    void timesGivenToACueMoveWithIt() {
        Track given = new SetCueTime(20, null, 1500).on(track);
        Track moved = new NudgeWords(List.of(3L, 4L), 100, PushMode.STOP).on(given);
        assertThat(moved.cues().get(1).given()).isEqualTo(new CueOverrides(null, 1600, null));
    }

    @Test
    void aCueTimeInsideAWordTrimsTheWord() {
        Track set = apply(new SetCueTime(20, 560, 1100));
        assertThat(times(set)).isEqualTo("100-300 300-500 560-800 900-1100");
        assertThat(CueTime.of(set).get(1)).isEqualTo(new CueTime(560, 1100));
        assertThatThrownBy(() -> apply(new SetCueTime(20, 850, null))).hasMessageContaining("“oar” was said");
        assertThatThrownBy(() -> apply(new SetCueTime(20, null, 850))).hasMessageContaining("“floats” is said");
    }

    @Test
    void aCueFollowsItsWordsAgain() {
        Track set = apply(new SetCueTime(20, null, 1500));
        assertThat(new SetCueTime(20, -1, -1).on(set)).isEqualTo(track);
    }

    @Test
    void gapsAreBridgedUpToALength() {
        Track apart = apply(new NudgeWords(List.of(3L), 100, PushMode.STOP));
        assertThat(CueTime.of(new BridgeGaps(null, 100).on(apart)).get(0).hideMs())
                .isEqualTo(600);
        assertThat(new BridgeGaps(null, 99).on(apart)).isEqualTo(apart);
    }

    @Test
    void whatHangsOnOverSilenceIsTrimmed() {
        Track hanging = apply(new SetCueTime(20, null, 3000));
        assertThat(CueTime.of(new TrimToSpeech(List.of(20L)).on(hanging)).get(1).hideMs())
                .isEqualTo(1200);
    }

    @Test
    void aShortCueIsHeldAndShowsEarlierWhereItMust() {
        Track locked = new Lock(List.of(20L), true).on(track);
        Track held = new HoldAtLeast(null, 450).on(locked);
        assertThat(CueTime.of(held).get(0)).isEqualTo(new CueTime(50, 500));
        Track both = apply(new HoldAtLeast(null, 1000));
        assertThat(CueTime.of(both)).containsExactly(new CueTime(0, 500), new CueTime(500, 1500));
    }

    @Test
    void editsOfAllLeaveLockedCuesAndSayWhenNothingIsLeft() {
        Track locked = new Lock(List.of(10L, 20L), true).on(track);
        assertThatThrownBy(() -> new HoldAtLeast(null, 1000).on(locked))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("locked");
    }

    @Test
    void aCueIsAddedInARestAndStandsByItself() {
        Track added = apply(new AddCue(1500, 4000, "low tide"));
        Cue cue = added.cues().get(2);
        assertThat(cue.text()).isEqualTo("low tide");
        assertThat(cue.firstWordMs()).isEqualTo(1500);
        assertThat(cue.lastWordMs()).isEqualTo(2200);
        assertThat(new Rebreak(PLAIN, false).on(added).cues())
                .last()
                .extracting(Cue::text)
                .isEqualTo("low tide");
        assertThatThrownBy(() -> apply(new AddCue(700, 900, "low tide"))).hasMessageContaining("not enough time");
    }

    @Test
    void aCueBegunWhereAnotherStandsComesAfterIt() {
        Track added = apply(new AddCue(track.cues().get(1).firstWordMs(), 4000, "low tide"));
        assertThat(added.cues()).hasSize(3);
        assertThat(added.cues().get(2).text()).isEqualTo("low tide");
        assertThat(added.cues().get(2).firstWordMs())
                .isEqualTo(added.cues().get(1).lastWordMs());
    }

    @Test
    void wordsOfACueThatIsTypedOverKeepTheirTimes() {
        List<Word> words = apply(new RetypeCue(20, "oar sinks")).cues().get(1).words();
        assertThat(words).extracting(Word::startMs).containsExactly(500, 900);
    }
}
