package saltdrum.server;

import java.time.Duration;
import org.awaitility.Awaitility;
import org.awaitility.core.ConditionFactory;

/** Waiting for what is to come. The machine is shared: the limit only ends what never comes, and no test depends on it. */
public final class Patience {
    public static final Duration LIMIT = Duration.ofMinutes(3);

    private Patience() {}

    /** @param what is waited for, as the message of a wait that failed names it */
    public static ConditionFactory await(String what) {
        return Awaitility.await(what).atMost(LIMIT).pollDelay(Duration.ZERO).pollInterval(Duration.ofMillis(60));
    }
}
