package saltdrum.server.access;

import java.time.Duration;
import saltdrum.core.SaltDrumException;

/** A caller asked more often than anybody needs to. */
public final class TooOftenException extends SaltDrumException {
    private final Duration within;

    TooOftenException(Duration within) {
        super("This was tried too often. Nothing was changed: wait "
                + (within.toMinutes() == 1 ? "a minute" : within.toMinutes() + " minutes") + " and do it again.");
        this.within = within;
    }

    /** After that it goes on in any case. */
    public Duration within() {
        return within;
    }
}
