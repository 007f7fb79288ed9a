package saltdrum.server.api;

import java.util.List;
import saltdrum.core.cue.Size;
import saltdrum.server.store.StoredTrack;

/** A track with everything the bench shows of it. */
record TrackView(TrackHead head, List<CueView> cues) {
    static TrackView of(StoredTrack stored, Size clip, double unsureBelow) {
        return new TrackView(TrackHead.of(stored, clip), CueView.of(stored.track(), unsureBelow));
    }
}
