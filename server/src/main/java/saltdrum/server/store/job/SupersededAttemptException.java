package saltdrum.server.store.job;

import saltdrum.core.SaltDrumException;

/** Another attempt at the same job has begun: this one may write nothing any more. */
public final class SupersededAttemptException extends SaltDrumException {
    public SupersededAttemptException() {
        super("Another worker has taken over this job. Its result is kept; nothing of this attempt was written.");
    }
}
