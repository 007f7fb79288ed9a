package saltdrum.server.store.job;

import java.time.OffsetDateTime;
import saltdrum.server.Settings.Role;

/** A process that does work. {@code lanes}: JSON of how much it does at once in each; {@code memoryMb} that it may take. */
public record WorkerRow(
        String name, Role role, OffsetDateTime started, OffsetDateTime seen, int cores, long memoryMb, String lanes) {}
