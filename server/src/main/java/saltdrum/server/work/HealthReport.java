package saltdrum.server.work;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;
import saltdrum.core.Json;
import saltdrum.server.Settings;
import saltdrum.server.store.DatabaseClock;
import saltdrum.server.store.job.Lane;
import saltdrum.server.store.job.WorkerRow;
import saltdrum.server.store.job.WorkerStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.speech.SpeechDesk;
import tools.jackson.databind.JsonNode;

/** The problems of the workshop, each with what to do. */
@Component("workshop")
public class HealthReport implements HealthIndicator {
    private static final long LITTLE_BYTES = 2_000_000_000L;

    private final Settings settings;
    private final WorkerStore workers;
    private final SpeechDesk speech;
    private final DatabaseClock clock;
    private final MediaStore media;

    HealthReport(Settings settings, WorkerStore workers, SpeechDesk speech, DatabaseClock clock, MediaStore media) {
        this.media = media;
        this.clock = clock;
        this.settings = settings;
        this.workers = workers;
        this.speech = speech;
    }

    /** @param totalBytes of the disk that the media are on, of which {@code freeBytes} can be written */
    public record Disk(long freeBytes, long totalBytes) {}

    public Disk disk() {
        try {
            Path data = settings.data().toAbsolutePath();
            FileStore store = Files.getFileStore(Files.createDirectories(data));
            return new Disk(store.getUsableSpace(), store.getTotalSpace());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Sentences; empty where all is well. */
    public List<String> all() {
        List<String> troubles = new ArrayList<>();
        Disk disk = disk();
        if (disk.freeBytes() < LITTLE_BYTES) {
            troubles.add("Only " + disk.freeBytes() / 1_000_000
                    + " MB are free on the disk. Remove clips and renders, or set how long finished files are kept.");
        }
        Set<Lane> idle = EnumSet.allOf(Lane.class);
        for (WorkerRow row : workers.all()) {
            if (seenLately(row)) {
                JsonNode lanes = Json.read(row.lanes(), JsonNode.class, "lanes");
                idle.removeIf(lane -> lanes.path(lane.name()).asInt(0) > 0);
            }
        }
        idle.forEach(lane -> troubles.add(
                "No worker runs jobs of the kind “" + lane.label + "”. Start a worker that does:  ./salt-drum worker"));
        String trouble = media.trouble();
        if (trouble != null) {
            troubles.add(trouble);
        }
        troubles.addAll(speech.troubles());
        return troubles;
    }

    private boolean seenLately(WorkerRow row) {
        return Duration.between(row.seen().toInstant(), clock.now()).toSeconds() <= WorkerStore.SILENT_SECONDS;
    }

    /** It lives with troubles, too: only what it cannot answer without is a fault of the server itself. */
    @Override
    public Health health() {
        List<String> troubles = all();
        return troubles.isEmpty()
                ? Health.up().build()
                : Health.up().withDetail("troubles", troubles).build();
    }
}
