package saltdrum.server.api.workshop;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.delivery.Retention;
import saltdrum.server.api.Audited;
import saltdrum.server.store.job.FinishedRow;
import saltdrum.server.store.media.StorageRow;
import saltdrum.server.store.media.StorageStore;
import saltdrum.server.work.HealthReport;

/** Storage, retention and health of the workshop. */
@Tag(name = "workshop")
@RestController
@RequestMapping("/api/storage")
class StorageController {
    private final StorageStore store;
    private final HealthReport troubles;

    StorageController(StorageStore store, HealthReport troubles) {
        this.store = store;
        this.troubles = troubles;
    }

    /** A finished file that goes. */
    record GoingView(String jobId, String clip, String fileName, String finished, long bytes) {
        static GoingView of(FinishedRow row) {
            return new GoingView(
                    row.jobId(), row.clip(), row.fileName(), row.finishedAt().toString(), row.bytes());
        }
    }

    /**
     * @param disk of the media
     * @param going what is let go within the hour
     * @param troubles what is not as it should be, a sentence each
     */
    record StorageView(
            StorageRow kept,
            HealthReport.Disk disk,
            Retention retention,
            List<GoingView> going,
            List<String> troubles) {}

    @Operation(summary = "What is kept and for how long, and what is not as it should be")
    @GetMapping
    StorageView get() {
        Retention retention = store.retention();
        return new StorageView(store.sizes(), troubles.disk(), retention, going(retention), troubles.all());
    }

    private List<GoingView> going(Retention retention) {
        return store.going(retention).stream().map(GoingView::of).toList();
    }

    @Operation(summary = "What would go if finished files were kept so; nothing is changed")
    @PostMapping("/going")
    List<GoingView> wouldGo(@RequestBody Retention retention) {
        return going(retention);
    }

    @Operation(summary = "Says how long finished files are kept; what has to go goes within the hour")
    @Audited("Settled how long finished files are kept")
    @PutMapping("/retention")
    StorageView keep(@RequestBody Retention retention) {
        store.setRetention(retention);
        return get();
    }
}
