package saltdrum.server.access.http;

import java.time.Duration;
import saltdrum.core.SaltDrumException;

/** A caller has exceeded a rate limit. */
public final class TooOftenException extends SaltDrumException {
    private final Duration within;

    public TooOftenException(Duration within) {
        super("Too many attempts. Nothing was changed: wait " + told(within) + " and try again.");
        this.within = within;
    }

    private static String told(Duration within) {
        long minutes = within.toMinutes();
        if (minutes == 0) {
            return Math.max(1, within.toSeconds()) + " seconds";
        }
        return minutes == 1 ? "a minute" : minutes + " minutes";
    }

    /** The longest time until the next attempt is allowed. */
    public Duration within() {
        return within;
    }
}
