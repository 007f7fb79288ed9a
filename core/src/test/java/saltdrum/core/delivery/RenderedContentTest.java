package saltdrum.core.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.DismissFinding;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.MarkEdit.ConfirmWords;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.ShowingEdit.SetCueTime;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;

class RenderedContentTest {
    private final Track track = Words.track(Recipe.PHRASE, "Sand it first. Four coats now. Row home.");
    private final long cue = track.cues().get(0).id();
    private final long word = track.cues().get(0).words().get(0).id();

    private boolean changedBy(Edit edit) {
        Track after = edit.on(track);
        assertThat(after).isNotEqualTo(track);
        boolean changed = !RenderedContent.hash(after).equals(RenderedContent.hash(track));
        assertThat(ChangesSince.of(track, after).isEmpty()).isNotEqualTo(changed);
        return changed;
    }

    @Test
    void whatIsSeenIsContent() {
        assertThat(changedBy(new RetypeCue(cue, "Sand it twice"))).isTrue();
        assertThat(changedBy(new SetEmphasis(List.of(word), 1))).isTrue();
        assertThat(changedBy(new Restyle("Lantern"))).isTrue();
        assertThat(changedBy(ChangeLook.ofTrack(LookPatch.of(Facets.SIZE, 150d))))
                .isTrue();
        assertThat(changedBy(new Rebreak(Recipe.ONE_WORD, false))).isTrue();
        assertThat(changedBy(new SetCueTime(cue, null, track.cues().get(0).lastWordMs())))
                .isTrue();
    }

    @Test
    void whatIsNotSeenIsNot() {
        assertThat(changedBy(new Lock(List.of(cue), true))).isFalse();
        assertThat(changedBy(new ConfirmWords(List.of(word)))).isFalse();
        assertThat(changedBy(new DismissFinding("contrast", 0, "Meant so"))).isFalse();
    }
}
