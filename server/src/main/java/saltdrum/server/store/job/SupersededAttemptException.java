package saltdrum.server.store.job;

import saltdrum.core.SaltDrumException;

/** Another attempt at the same job has begun: this one may write nothing any more. */
public final class SupersededAttemptException extends SaltDrumException {
    public SupersededAttemptException() {
        super("This work was taken over by another worker. What that one makes is kept; nothing of this was written.");
    }
}
