package saltdrum.core.check;

import saltdrum.core.cue.Track;
import saltdrum.core.scene.Part;

/** Lays out one cue of a track that is not stored, to try an edit. */
public interface TrialLayout {
    /** @return null where the track has no such cue any more */
    Part part(Track tried, long cueId);
}
