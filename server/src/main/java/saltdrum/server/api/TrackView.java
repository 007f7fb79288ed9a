package saltdrum.server.api;

import java.util.List;
import saltdrum.core.cue.Size;
import saltdrum.server.store.House;
import saltdrum.server.store.Steps;
import saltdrum.server.store.StoredTrack;

/** A track with everything the bench shows of it. */
record TrackView(TrackHead head, List<CueView> cues) {
    static TrackView of(StoredTrack stored, Steps steps, Size clip, House house) {
        return new TrackView(TrackHead.of(stored, steps, clip, house.zones()), CueView.of(stored.track(), house));
    }
}
