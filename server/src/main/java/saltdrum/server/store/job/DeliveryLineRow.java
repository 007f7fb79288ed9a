package saltdrum.server.store.job;

import java.time.OffsetDateTime;

/**
 * A line of an order: one file.
 *
 * @param bytes of the finished file; null until it is there
 * @param toolLines what the tool that failed said last; null where none did
 */
public record DeliveryLineRow(
        String id,
        String clipId,
        String clip,
        JobState state,
        double progress,
        String message,
        String outputHash,
        OffsetDateTime started,
        OffsetDateTime finished,
        String fileName,
        String about,
        Long estimatedBytes,
        Double estimatedSeconds,
        Long bytes,
        String toolLines) {}
