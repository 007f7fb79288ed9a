package saltdrum.server.api.track;

import java.util.List;
import saltdrum.core.cue.Size;
import saltdrum.server.store.clip.ClientSettings;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.UndoSteps;

/** A track with everything the bench shows of it. */
record TrackView(TrackHead head, List<CueView> cues) {
    static TrackView of(StoredTrack stored, UndoSteps steps, Size clip, ClientSettings settings) {
        return new TrackView(TrackHead.of(stored, steps, clip), CueView.of(stored.track(), settings));
    }
}
