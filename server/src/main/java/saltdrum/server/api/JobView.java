package saltdrum.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.OffsetDateTime;
import saltdrum.server.store.JobKind;
import saltdrum.server.store.JobRow;
import saltdrum.server.store.JobState;

/** A piece of long work as the page shows it. */
record JobView(
        String id,
        String clipId,
        JobKind kind,
        JobState state,
        @Schema(description = "Whether there is more to come of it") boolean open,
        @Schema(description = "0 to 1") double progress,
        @Schema(description = "Left at the present pace") Long secondsLeft,
        String message,
        @Schema(description = "File name of the finished render") String outputName,
        String created) {

    static JobView of(JobRow row) {
        Long left = null;
        if (row.state() == JobState.RUNNING && row.progress() > 0.03) {
            double spent = Duration.between(row.started(), OffsetDateTime.now()).toMillis() / 1000.0;
            left = Math.round(spent * (1 - row.progress()) / row.progress());
        }
        return new JobView(
                row.id(),
                row.clipId(),
                row.kind(),
                row.state(),
                row.state().isOpen(),
                row.progress(),
                left,
                row.message(),
                row.outputName(),
                row.created().toString());
    }
}
