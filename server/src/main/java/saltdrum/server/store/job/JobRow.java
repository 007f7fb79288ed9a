package saltdrum.server.store.job;

import java.time.OffsetDateTime;

/** A job. {@code workOrder} as JSON; times are null until they came; {@code stepFromMs} and
 * {@code heardMs} bound the last step of a draft. */
public record JobRow(
        String id,
        String clipId,
        JobKind kind,
        JobState state,
        double progress,
        String message,
        String workOrder,
        String outputHash,
        String outputName,
        OffsetDateTime created,
        OffsetDateTime started,
        OffsetDateTime finished,
        Integer stepFromMs,
        Integer heardMs,
        String fileName,
        Long estimatedBytes,
        Double estimatedSeconds) {
    /** Whether a film was made that any browser plays, and is still kept. */
    public boolean isFilm() {
        return state == JobState.DONE && outputName != null && outputName.endsWith(".mp4");
    }
}
