package saltdrum.server.store.job;

import java.time.OffsetDateTime;
import saltdrum.server.Settings.Role;

/** A process that runs jobs. {@code lanes}: JSON with its concurrency in each lane; {@code memoryMb}: its memory limit. */
public record WorkerRow(
        String name, Role role, OffsetDateTime started, OffsetDateTime seen, int cores, long memoryMb, String lanes) {}
