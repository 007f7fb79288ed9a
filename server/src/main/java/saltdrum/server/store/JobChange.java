package saltdrum.server.store;

import saltdrum.core.cue.Track;

/** What a piece of work does to a track. */
public interface JobChange {
    /** @param anew whether it is done over what its last change was made on */
    Track of(Track track, boolean anew);
}
