package saltdrum.server.access.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import saltdrum.server.access.http.TooOftenException;

/** Guessing gets slower and never closes the door for long. */
class FailedSignInsTest {
    private static final String ADA = "ada@quay.example";

    private Instant now = Instant.parse("2026-03-01T10:00:00Z");
    private final FailedSignIns failedSignIns = new FailedSignIns(() -> now);

    private void miss(int times) {
        for (int i = 0; i < times; i++) {
            failedSignIns.missed(ADA);
        }
    }

    @Test
    void tenMissesCostNothing() {
        miss(10);
        assertThatCode(() -> failedSignIns.mayTry(ADA)).doesNotThrowAnyException();
        assertThat(failedSignIns.of(" Ada@Quay.example")).isEqualTo(10);
    }

    @Test
    void afterThatEachMissDoublesTheWaitUpToAMinute() {
        miss(11);
        waits(1);
        miss(1);
        waits(2);
        miss(4);
        waits(32);
        miss(1);
        waits(60);
        miss(40);
        waits(60);
    }

    /** From now on so many seconds, and not longer. */
    private void waits(long seconds) {
        Instant before = now;
        now = before.plusMillis(seconds * 1000 - 1);
        assertThatThrownBy(() -> failedSignIns.mayTry(ADA)).isInstanceOf(TooOftenException.class);
        now = before.plusSeconds(seconds);
        assertThatCode(() -> failedSignIns.mayTry(ADA)).doesNotThrowAnyException();
        now = before;
    }

    @Test
    void othersAreNotKeptWaitingAndARightPasswordEndsIt() {
        miss(30);
        assertThatCode(() -> failedSignIns.mayTry("bo@quay.example")).doesNotThrowAnyException();
        failedSignIns.forget(ADA);
        assertThatCode(() -> failedSignIns.mayTry(ADA)).doesNotThrowAnyException();
    }

    @Test
    void theWaitIsToldInSeconds() {
        assertThat(new TooOftenException(Duration.ofSeconds(17))).hasMessageContaining("wait 17 seconds");
        assertThat(new TooOftenException(Duration.ofMinutes(1))).hasMessageContaining("wait a minute");
    }
}
