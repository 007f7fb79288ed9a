package saltdrum.server.api.job;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.OffsetDateTime;
import java.util.List;
import saltdrum.server.store.job.JobKind;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobState;

/** A job as the page shows it. */
public record JobView(
        String id,
        String clipId,
        JobKind kind,
        JobState state,
        @Schema(description = "Whether there is more to come of it") boolean open,
        @Schema(description = "0 to 1") double progress,
        @Schema(description = "Left at the present pace") Long secondsLeft,
        @Schema(description = "Its position in the queue of renders, from 1; missing if it does not wait there")
                Integer turn,
        String message,
        @Schema(description = "File name of the finished render") String outputName,
        @Schema(description = "What its file will be called, where it is a line of an order") String fileName,
        @Schema(description = "A finished film that a client can be shown") boolean film,
        String created) {

    public static JobView of(JobRow row) {
        return of(row, List.of());
    }

    /** @param waiting ids of the renders that wait, the next first */
    public static JobView of(JobRow row, List<String> waiting) {
        int turn = row.state() == JobState.WAITING ? waiting.indexOf(row.id()) + 1 : 0;
        Long left = row.state() == JobState.RUNNING
                ? TimeLeft.seconds(row.progress(), row.started(), row.estimatedSeconds(), OffsetDateTime.now())
                : null;
        return new JobView(
                row.id(),
                row.clipId(),
                row.kind(),
                row.state(),
                row.state().isOpen(),
                row.progress(),
                left,
                turn > 0 ? turn : null,
                row.message(),
                row.outputName(),
                row.fileName(),
                row.isFilm(),
                row.created().toString());
    }
}
