package saltdrum.server.store;

import saltdrum.core.cue.Track;

/** A track at a version. Every change, undo and redo makes the next version. */
public record StoredTrack(String id, long version, Track track, Steps steps) {}
