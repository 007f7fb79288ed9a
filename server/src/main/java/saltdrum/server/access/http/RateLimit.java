package saltdrum.server.access.http;

import java.time.Duration;
import saltdrum.server.access.signin.FailedSignIns;

/** The limits on calls of one caller that could affect others. */
public enum RateLimit {
    /** Per address, for any person. */
    SIGN_IN(30, Duration.ofMinutes(10)),
    /** As one person, from one address. From all together: {@link FailedSignIns}. */
    SIGN_IN_AS(10, Duration.ofMinutes(10)),
    /** Passkey requests per address; each creates a session. */
    PASSKEY(30, Duration.ofMinutes(10)),
    /** Wrong present passwords per signed-in person. */
    PRESENT_PASSWORD(10, Duration.ofMinutes(10)),
    /** Files added by one person. */
    UPLOAD(120, Duration.ofMinutes(10)),
    /** Said to one review from one address. */
    REMARK(20, Duration.ofMinutes(5)),
    /** The same over days, so that no single person fills a review. */
    REMARKS_OF_ONE(150, Duration.ofDays(2)),
    /** Approvals and wishes for changes of one review from one address, which wait for no remarks. */
    VERDICT(20, Duration.ofMinutes(5)),
    /** Links that open nothing, from one address. */
    WRONG_LINK(30, Duration.ofMinutes(10));

    final int times;
    final Duration within;

    RateLimit(int times, Duration within) {
        this.times = times;
        this.within = within;
    }
}
