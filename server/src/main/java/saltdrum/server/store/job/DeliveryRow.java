package saltdrum.server.store.job;

import java.time.OffsetDateTime;

/**
 * An order and its progress.
 *
 * @param lines of it: all, those done, failed or stopped, held
 * @param bytes of what is done
 */
public record DeliveryRow(
        String id, String label, OffsetDateTime created, int lines, int done, int ended, int held, long bytes) {}
