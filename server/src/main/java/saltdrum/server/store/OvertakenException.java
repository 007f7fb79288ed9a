package saltdrum.server.store;

import saltdrum.core.SaltDrumException;

/** Another attempt at the same job has begun: this one may write nothing any more. */
public final class OvertakenException extends SaltDrumException {
    public OvertakenException() {
        super("This work was taken over by another worker. What that one makes is kept; nothing of this was written.");
    }
}
