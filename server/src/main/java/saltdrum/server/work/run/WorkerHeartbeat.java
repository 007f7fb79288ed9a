package saltdrum.server.work.run;

import jakarta.annotation.PreDestroy;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import saltdrum.server.Settings;
import saltdrum.server.store.ServerName;
import saltdrum.server.store.job.WorkerStore;

/** Says every few seconds that this process is there, and what it does at once. */
@Component
class WorkerHeartbeat {
    private static final long EVERY_MS = 4_000;

    private final WorkerStore workers;
    private final Settings settings;
    private final Concurrency concurrency;
    private final ServerName own = ServerName.own();

    WorkerHeartbeat(WorkerStore workers, Settings settings, Concurrency concurrency) {
        this.workers = workers;
        this.settings = settings;
        this.concurrency = concurrency;
    }

    @Scheduled(fixedDelay = EVERY_MS)
    void here() {
        IgnoreDatabaseOutage.call(() -> workers.seen(
                own.toString(),
                settings.role(),
                OffsetDateTime.ofInstant(Instant.ofEpochMilli(own.startedMs()), ZoneOffset.UTC),
                Concurrency.cores(),
                Concurrency.memoryMb(),
                concurrency.all()));
        IgnoreDatabaseOutage.call(workers::removeStale);
    }

    @PreDestroy
    void gone() {
        IgnoreDatabaseOutage.call(() -> workers.deregister(own.toString()));
    }
}
