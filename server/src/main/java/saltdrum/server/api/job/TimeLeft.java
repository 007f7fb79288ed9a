package saltdrum.server.api.job;

import java.time.Duration;
import java.time.OffsetDateTime;

/** Estimates the remaining time: at first from the earlier estimate, then increasingly from the actual pace. */
final class TimeLeft {
    /** From where on its own pace alone counts, part of the whole. */
    private static final double SURE = 0.1;

    private static final double LEAST = 0.03;

    private TimeLeft() {}

    /**
     * @param estimate seconds of the whole; null if unknown
     * @return seconds; null if unknown
     */
    static Long seconds(double progress, OffsetDateTime started, Double estimate, OffsetDateTime now) {
        double spent = Duration.between(started, now).toMillis() / 1000.0;
        Double paced = progress > LEAST ? spent * (1 - progress) / progress : null;
        if (estimate == null) {
            return paced == null ? null : Math.round(paced);
        }
        double estimated = Math.max(0, estimate - spent);
        double trust = Math.min(1, progress / SURE);
        return Math.round(paced == null ? estimated : trust * paced + (1 - trust) * estimated);
    }
}
