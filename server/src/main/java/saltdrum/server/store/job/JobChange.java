package saltdrum.server.store.job;

import saltdrum.core.cue.Track;

/** The change that a job makes to a track. */
public interface JobChange {
    /** @param anew whether it replaces the result of its previous change */
    Track of(Track track, boolean anew);
}
