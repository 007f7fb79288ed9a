package saltdrum.server.store.track;

import saltdrum.core.cue.Track;

/**
 * A track at a version. Every change, undo and redo makes the next version.
 *
 * @param incarnation which of the tracks that have had this id; versions of two have nothing to do with each other
 */
public record StoredTrack(String id, String incarnation, long version, Track track) {
    StoredTrack with(Track changed) {
        return new StoredTrack(id, incarnation, version, changed);
    }
}
