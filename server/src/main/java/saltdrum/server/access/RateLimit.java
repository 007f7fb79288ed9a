package saltdrum.server.access;

import java.time.Duration;

/** How often one caller may do what others could be hurt by. */
public enum RateLimit {
    /** From one address, whoever is tried. */
    SIGN_IN(30, Duration.ofMinutes(10)),
    /** As one person, from one address. From all together: {@link FailedSignIns}. */
    SIGN_IN_AS(10, Duration.ofMinutes(10)),
    /** Passkeys asked for from one address, which makes a session each. */
    PASSKEY(30, Duration.ofMinutes(10)),
    /** Wrong present passwords of one person, who is signed in. */
    PRESENT_PASSWORD(10, Duration.ofMinutes(10)),
    /** Files brought in by one person. */
    UPLOAD(120, Duration.ofMinutes(10)),
    /** Said to one review from one address. */
    REMARK(20, Duration.ofMinutes(5)),
    /** The same over days: nobody fills a review alone. */
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
