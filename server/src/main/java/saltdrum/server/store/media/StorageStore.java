package saltdrum.server.store.media;

import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.delivery.Retention;
import saltdrum.server.store.job.FinishedRow;

/** Measures storage and applies the retention limits. */
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

    /** Files that would go by now under this, the oldest first. */
    public List<FinishedRow> going(Retention retention) {
        return retention.going(mapper.finished(), Instant.now());
    }

    /** Lets go what has to; receipts and lines of orders stay. */
    public void tidy() {
        going(retention()).forEach(file -> mapper.dropFile(file.jobId()));
    }
}
