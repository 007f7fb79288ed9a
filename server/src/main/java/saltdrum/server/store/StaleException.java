package saltdrum.server.store;

import saltdrum.core.SaltDrumException;

/** A change was made on an older version of the track than the present one. */
public final class StaleException extends SaltDrumException {
    public StaleException() {
        super("Someone else changed this clip meanwhile. Your change was not made; the newest words are shown now.");
    }
}
