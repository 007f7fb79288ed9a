package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessResourceFailureException;

/** A machine whose clock is five minutes ahead took the work of all others for dead. */
class DatabaseClockTest extends OnAStoredTrack {
    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");
    private static final long SECOND = 1_000_000_000L;

    @Autowired
    private DatabaseClock clock;

    private long count;
    private Instant database = NOON;
    private final AtomicInteger looks = new AtomicInteger();

    private DatabaseClock own() {
        return new DatabaseClock(
                () -> {
                    looks.incrementAndGet();
                    if (database == null) {
                        throw new DataAccessResourceFailureException("away");
                    }
                    return database;
                },
                () -> count);
    }

    @Test
    void theTimeIsTheDatabases() {
        DatabaseClock own = own();
        assertThat(own.now()).isEqualTo(NOON);
        count = 3 * SECOND;
        assertThat(own.now()).as("between two looks").isEqualTo(NOON.plusSeconds(3));
        assertThat(looks.get()).isEqualTo(1);
    }

    @Test
    void aDatabaseThatIsAwayStopsNoClock() {
        DatabaseClock own = own();
        own.now();
        database = null;
        count = 90 * SECOND;
        assertThat(own.now()).isEqualTo(NOON.plusSeconds(90));
        database = NOON.plusSeconds(3600);
        count = 91 * SECOND;
        assertThat(own.now()).as("set right at the next look").isEqualTo(NOON.plusSeconds(3600));
    }

    @Test
    void itIsReadFromTheRealDatabase() {
        Instant there = sql.queryForObject("select clock_timestamp()", java.time.OffsetDateTime.class)
                .toInstant();
        assertThat(Duration.between(there, clock.now()).abs()).isLessThan(Duration.ofMinutes(1));
    }
}
