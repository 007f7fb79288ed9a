package saltdrum.core.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.delivery.ClipProgress.Delivered;
import saltdrum.core.edit.BreakEdit.JoinCues;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.merge.Change;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** How far a clip is, and which part of the job a change is of. */
class ClipProgressTest {
    private static final Track TRACK = Track.of(
            "en",
            Recipe.PHRASE,
            "Mallet",
            List.of(
                    Word.of(0, "row", 0, 300, WordSource.RECOGNISED),
                    Word.of(0, "home", 320, 700, WordSource.RECOGNISED),
                    Word.of(0, "at", 720, 900, WordSource.RECOGNISED),
                    Word.of(0, "tide", 920, 1500, WordSource.RECOGNISED)));

    private static WorkStep step(saltdrum.core.edit.Edit edit) {
        return WorkStep.of(Change.between(TRACK, edit.on(TRACK)));
    }

    @Test
    void typingIsOfTheWords() {
        long cue = TRACK.cues().get(0).id();
        assertThat(step(new RetypeCue(cue, "row home at slack tide"))).isEqualTo(WorkStep.WORDS);
    }

    @Test
    void breakingIsOfTheBreaks() {
        long second = TRACK.cues().get(0).words().get(1).id();
        assertThat(step(new SplitCue(second))).isEqualTo(WorkStep.BREAKS);
        Recipe single = Recipe.parse("words=1");
        assertThat(step(new Rebreak(single, false))).isEqualTo(WorkStep.BREAKS);
    }

    @Test
    void styleAndStressAreOfTheStyle() {
        long word = TRACK.cues().get(0).words().get(0).id();
        assertThat(step(new Restyle("Chalk"))).isEqualTo(WorkStep.STYLE);
        assertThat(step(new SetEmphasis(List.of(word), 1))).isEqualTo(WorkStep.STYLE);
    }

    @Test
    void theFurthestStepCounts() {
        assertThat(ClipProgress.of(0, Set.of(), false, Delivered.NEVER)).isEqualTo(ClipProgress.NO_WORDS);
        assertThat(ClipProgress.of(4, Set.of(), false, Delivered.NEVER)).isEqualTo(ClipProgress.WORDS);
        assertThat(ClipProgress.of(4, Set.of(WorkStep.WORDS), false, Delivered.NEVER))
                .isEqualTo(ClipProgress.WORDS);
        assertThat(ClipProgress.of(4, Set.of(WorkStep.BREAKS), false, Delivered.NEVER))
                .isEqualTo(ClipProgress.BREAKS);
        assertThat(ClipProgress.of(4, Set.of(WorkStep.BREAKS, WorkStep.STYLE), false, Delivered.NEVER))
                .isEqualTo(ClipProgress.STYLE);
        assertThat(ClipProgress.of(4, Set.of(), true, Delivered.NEVER)).isEqualTo(ClipProgress.CHECKED);
        assertThat(ClipProgress.of(4, Set.of(), true, Delivered.AS_IT_IS)).isEqualTo(ClipProgress.DELIVERED);
        assertThat(ClipProgress.of(4, Set.of(), true, Delivered.BEFORE_CHANGES)).isEqualTo(ClipProgress.CHANGED);
        assertThat(ClipProgress.of(0, Set.of(), true, Delivered.AS_IT_IS)).isEqualTo(ClipProgress.NO_WORDS);
    }

    @Test
    void whatChangedSinceIsSaid() {
        assertThat(ChangesSince.of(TRACK, TRACK)).isEmpty();
        long cue = TRACK.cues().get(0).id();
        Track typed = new RetypeCue(cue, "row home at slack Tide").on(TRACK);
        assertThat(ChangesSince.of(TRACK, typed)).anyMatch(said -> said.contains("“slack”"));
        assertThat(ChangesSince.of(typed, TRACK)).contains("Gone: “slack”.");
        assertThat(ChangesSince.of(TRACK, new Restyle("Chalk").on(TRACK)))
                .containsExactly("The style is Chalk, not Mallet.");
        long word = TRACK.cues().get(0).words().get(0).id();
        assertThat(ChangesSince.of(TRACK, new SetEmphasis(List.of(word), 1).on(TRACK)))
                .containsExactly("1 word has another emphasis or colour.");
        Track split = new SplitCue(TRACK.cues().get(0).words().get(1).id()).on(TRACK);
        assertThat(ChangesSince.of(TRACK, split)).containsExactly("2 cues have other breaks.");
        assertThat(ChangesSince.of(split, new JoinCues(split.cues().get(0).id()).on(split)))
                .containsExactly("1 cue has other breaks.");
    }
}
