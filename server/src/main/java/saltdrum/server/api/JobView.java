package saltdrum.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.OffsetDateTime;
import saltdrum.server.store.JobRow;

/** A piece of long work as the page shows it. */
record JobView(
        String id,
        String clipId,
        @Schema(allowableValues = {"PREPARE", "WORDS", "RENDER"}) String kind,
        @Schema(allowableValues = {"WAITING", "RUNNING", "STOPPING", "DONE", "FAILED", "STOPPED"}) String state,
        @Schema(description = "0 to 1") double progress,
        @Schema(description = "Left at the present pace") Long secondsLeft,
        String message,
        @Schema(description = "File name of the finished render") String outputName,
        String created) {

    static JobView of(JobRow row) {
        Long left = null;
        if (row.state().equals("RUNNING") && row.progress() > 0.03) {
            double spent = Duration.between(row.started(), OffsetDateTime.now()).toMillis() / 1000.0;
            left = Math.round(spent * (1 - row.progress()) / row.progress());
        }
        return new JobView(
                row.id(),
                row.clipId(),
                row.kind(),
                row.state(),
                row.progress(),
                left,
                row.message(),
                row.outputName(),
                row.created().toString());
    }
}
