package saltdrum.server.store;

import saltdrum.core.SaltDrumException;

/** A change was made on an older version of the track and cannot be rebased on the present one. */
public final class StaleException extends SaltDrumException {
    public StaleException() {
        this("this clip");
    }

    /** @param what both changed, worded to fit within a sentence */
    public StaleException(String what) {
        super("Someone else changed " + what
                + " at the same time. Your change was not made; the newest words are shown now.");
    }
}
