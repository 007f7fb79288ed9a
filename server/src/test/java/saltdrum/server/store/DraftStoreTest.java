package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.server.store.job.Attempt;
import saltdrum.server.store.job.JobKind;
import saltdrum.server.store.job.JobState;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackVersion;

/** A piece of work that brings its words in little by little. */
class DraftStoreTest extends OnAStoredTrack {
    private StoredTrack draft(Attempt by, String style, List<Boolean> anew) {
        return tracks.amend(clipId, by, t -> "Draft", (track, again) -> {
                    anew.add(again);
                    return new Restyle(style).on(track);
                })
                .after();
    }

    private String job() {
        return jobs().add(clipId, JobKind.WORDS, "{}").id();
    }

    private JobStore jobs() {
        return new JobStore(jobMapper);
    }

    @Test
    void aDraftThatGrowsIsOneStepOfTheHistory() {
        Track before = tracks.get(clipId).track();
        Attempt job = jobs().begin(job());
        List<Boolean> anew = new ArrayList<>();
        StoredTrack last = null;
        for (String style : List.of("Lantern", "Tidemark", "Lantern")) {
            last = draft(job, style, anew);
        }
        assertThat(anew).containsExactly(false, true, true);
        assertThat(last.version()).isEqualTo(3);
        StoredTrack undone = history.undo(clipId, TrackVersion.of(3)).after();
        assertThat(undone.track().withCues(before.cues(), before.nextId())).isEqualTo(before);
        assertThat(undone.track().cues()).isEqualTo(before.cues());
        assertThat(history.steps(clipId).undo()).isNull();
    }

    @Test
    void aDraftDoesNotOverwriteWhatOthersDidMeanwhile() {
        Attempt job = jobs().begin(job());
        List<Boolean> anew = new ArrayList<>();
        StoredTrack mine = draft(job, "Lantern", anew);
        long word = mine.track().words().findFirst().orElseThrow().id();
        edit(mine.version(), new SetEmphasis(List.of(word), 2));
        StoredTrack after = draft(job, "Tidemark", anew);
        assertThat(anew).containsExactly(false, false);
        assertThat(after.track().style()).isEqualTo("Tidemark");
        assertThat(after.track().words().findFirst().orElseThrow().emphasis()).isEqualTo(2);
        assertThat(history.steps(clipId).undo()).isEqualTo("Draft");
    }

    @Test
    void wordsOfAClipAreGotOnceAtATime() {
        String first = job();
        assertThatThrownBy(this::job).isInstanceOf(RefusedEditException.class).hasMessageContaining("already");
        jobs().finish(jobs().begin(first), JobState.DONE, null, null, null);
        assertThat(job()).isNotEqualTo(first);
    }
}
