package saltdrum.server.store.job;

import java.time.Instant;
import java.time.OffsetDateTime;
import saltdrum.core.delivery.Retention;

/** A finished file of a render. */
public record FinishedRow(String jobId, String clip, String fileName, OffsetDateTime finishedAt, long bytes)
        implements Retention.Kept {
    @Override
    public Instant finished() {
        return finishedAt.toInstant();
    }
}
