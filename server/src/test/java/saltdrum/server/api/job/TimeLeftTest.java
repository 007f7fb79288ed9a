package saltdrum.server.api.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.OffsetDateTime;
import org.junit.jupiter.api.Test;

class TimeLeftTest {
    private static final OffsetDateTime BEGUN = OffsetDateTime.parse("2026-01-01T00:00:00Z");

    private static Long left(double progress, double spent, Double estimate) {
        return TimeLeft.seconds(progress, BEGUN, estimate, BEGUN.plusNanos(Math.round(spent * 1e9)));
    }

    @Test
    void nothingIsToldBeforeThereIsAPace() {
        assertThat(left(0.02, 1, null)).isNull();
    }

    @Test
    void whatWasReckonedCountsAtFirst() {
        assertThat(left(0, 2, 30.0)).isEqualTo(28);
    }

    @Test
    void fromATenthOnItsOwnPaceCountsAlone() {
        assertThat(left(0.1, 10, 30.0)).isEqualTo(90);
        assertThat(left(0.5, 10, null)).isEqualTo(10);
    }

    @Test
    void betweenTheyAreMixed() {
        // Half of 190 by its pace and of 20 by the estimate.
        assertThat(left(0.05, 10, 30.0)).isEqualTo(105);
    }
}
