package saltdrum.server.store;

import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * The database's time, which is the same for all machines: leases, heartbeats and ages are compared by it alone. The
 * machine's own clock, which may be wrong or jump, is not used; between two queries the time is advanced by a
 * monotonic clock.
 */
@Component
public class DatabaseClock {
    private static final long LOOK_NS = 5_000_000_000L;
    private static final long SHORT_NS = 20_000_000L;

    /** @param at of the processor's count, ns */
    private record Look(Instant time, long at) {}

    private final Supplier<Instant> database;
    private final LongSupplier count;
    private final AtomicBoolean looking = new AtomicBoolean();
    private volatile Look last;

    @Autowired
    DatabaseClock(JdbcTemplate sql) {
        this(
                () -> sql.queryForObject("select clock_timestamp()", java.time.OffsetDateTime.class)
                        .toInstant(),
                System::nanoTime);
    }

    DatabaseClock(Supplier<Instant> database, LongSupplier count) {
        this.database = database;
        this.count = count;
    }

    /** While the database is away it goes on from the last look; before any look, the machine's own time. */
    public Instant now() {
        Look known = last;
        if (known == null || count.getAsLong() - known.at > LOOK_NS) {
            look();
            known = last;
        }
        return known == null ? Instant.now() : known.time.plusNanos(count.getAsLong() - known.at);
    }

    /** One looks; others go on meanwhile by what is known. */
    private void look() {
        if (!looking.compareAndSet(false, true)) {
            return;
        }
        try {
            long before = count.getAsLong();
            Instant time = database.get();
            long took = count.getAsLong() - before;
            Look known = last;
            Look looked = new Look(time, before + took / 2);
            // The round trip is the uncertainty: if it is long and nothing has jumped, the known offset is better.
            boolean jumped = known == null
                    || Duration.between(known.time.plusNanos(looked.at - known.at), time)
                                    .abs()
                                    .toNanos()
                            > took;
            last = jumped || took < SHORT_NS ? looked : new Look(known.time.plusNanos(looked.at - known.at), looked.at);
        } catch (DataAccessException | TransactionException away) {
            // By what is known.
        } finally {
            looking.set(false);
        }
    }
}
