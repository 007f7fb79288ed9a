package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import saltdrum.core.cue.Size;
import saltdrum.server.store.clip.ClientSettings;
import saltdrum.server.store.track.StoredChange;
import saltdrum.server.store.track.UndoSteps;

/** The effect of a change on a track, so that a small edit of a long track has a small answer. */
record TrackPatch(
        TrackHead head,
        @Schema(description = "The version that the patch goes on") long before,
        @Schema(description = "Index of the first cue that differs") int from,
        @Schema(description = "How many cues of the track before go") int removed,
        @Schema(description = "The cues that come in their place") List<CueView> cues) {

    static TrackPatch of(StoredChange change, UndoSteps steps, Size clip, ClientSettings settings) {
        List<CueView.Seen> old = CueView.Seen.of(change.before().track());
        List<CueView.Seen> now = CueView.Seen.of(change.after().track());
        int least = Math.min(old.size(), now.size());
        int from = 0;
        while (from < least && old.get(from).equals(now.get(from))) {
            from++;
        }
        int tail = 0;
        while (tail < least - from && old.get(old.size() - 1 - tail).equals(now.get(now.size() - 1 - tail))) {
            tail++;
        }
        return new TrackPatch(
                TrackHead.of(change.after(), steps, clip),
                change.before().version(),
                from,
                old.size() - from - tail,
                CueView.of(now.subList(from, now.size() - tail), settings));
    }
}
