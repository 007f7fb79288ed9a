package saltdrum.server.store.media;

import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.delivery.Retention;
import saltdrum.server.store.job.FinishedRow;

/** Storage use and retention: finds and deletes finished files beyond the limits. */
@Component
public class StorageStore {
    private final StorageMapper mapper;

    StorageStore(StorageMapper mapper) {
        this.mapper = mapper;
    }

    public StorageRow sizes() {
        return mapper.sizes();
    }

    public Retention retention() {
        Retention retention = mapper.retention();
        // MyBatis gives no record for a row of nulls.
        return retention == null ? Retention.FOR_EVER : retention;
    }

    public void setRetention(Retention retention) {
        mapper.setRetention(retention);
    }

    /** Files that these limits would delete now, the oldest first. */
    public List<FinishedRow> going(Retention retention) {
        return retention.going(mapper.finished(), Instant.now());
    }

    /** Deletes files beyond the present limits; receipts and lines of orders stay. */
    public void tidy() {
        going(retention()).forEach(file -> mapper.dropFile(file.jobId()));
    }
}
