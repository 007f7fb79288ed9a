package saltdrum.server.store.job;

import saltdrum.core.cue.Track;

/** What a piece of work does to a track. */
public interface JobChange {
    /** @param anew whether it replaces the result of its previous change */
    Track of(Track track, boolean anew);
}
