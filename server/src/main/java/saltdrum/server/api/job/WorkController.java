package saltdrum.server.api.job;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.Json;
import saltdrum.core.MayBeMissing;
import saltdrum.server.Settings.Role;
import saltdrum.server.store.DatabaseClock;
import saltdrum.server.store.ServerName;
import saltdrum.server.store.job.JobKind;
import saltdrum.server.store.job.Lane;
import saltdrum.server.store.job.RunningJobRow;
import saltdrum.server.store.job.WorkerRow;
import saltdrum.server.store.job.WorkerStore;

/** Where work runs. */
@Tag(name = "workshop")
@RestController
@RequestMapping("/api/work")
public class WorkController {
    private final WorkerStore workers;
    private final DatabaseClock clock;

    WorkController(WorkerStore workers, DatabaseClock clock) {
        this.clock = clock;
        this.workers = workers;
    }

    /** @param atOnce 0 where nothing of it is done here */
    record LaneView(Lane lane, String label, int atOnce) {}

    /** @param fileName of what is made, where it is a line of an order */
    public record UnderWayView(
            String jobId, JobKind kind, Lane lane, double progress, String clip, @MayBeMissing String fileName) {
        static UnderWayView of(RunningJobRow row) {
            return new UnderWayView(
                    row.jobId(), row.kind(), row.kind().lane, row.progress(), row.clip(), row.fileName());
        }
    }

    /**
     * A worker process.
     *
     * @param machine its host name, with what distinguishes it from others of that name
     * @param silentSeconds since its last heartbeat, if it is overdue; its work is then taken over
     * @param memoryMb its memory limit
     */
    public record WorkerView(
            String name,
            Role role,
            String machine,
            long process,
            String started,
            @MayBeMissing Long silentSeconds,
            int cores,
            long memoryMb,
            List<LaneView> lanes,
            List<UnderWayView> underWay) {}

    record WaitingView(Lane lane, String label, int waiting) {}

    record WorkView(List<WorkerView> workers, List<WaitingView> waiting) {}

    @Operation(summary = "Who works on what, and how much waits in each lane")
    @GetMapping
    WorkView all() {
        List<RunningJobRow> underWay = workers.underWay();
        Map<Lane, Integer> waiting = workers.waiting();
        return new WorkView(
                workers.all().stream().map(row -> view(row, underWay)).toList(),
                Arrays.stream(Lane.values())
                        .map(lane -> new WaitingView(lane, lane.label, waiting.get(lane)))
                        .toList());
    }

    private WorkerView view(WorkerRow row, List<RunningJobRow> underWay) {
        ServerName name = ServerName.parse(row.name()).orElse(new ServerName(row.name(), 0, 0));
        long silent = Duration.between(row.seen().toInstant(), clock.now()).toSeconds();
        Lanes lanes = Json.read(row.lanes(), Lanes.class, "lanes");
        return new WorkerView(
                row.name(),
                row.role(),
                name.host(),
                name.pid(),
                row.started().toString(),
                silent > WorkerStore.SILENT_SECONDS ? silent : null,
                row.cores(),
                row.memoryMb(),
                Arrays.stream(Lane.values())
                        .map(lane -> new LaneView(lane, lane.label, lanes.getOrDefault(lane, 0)))
                        .toList(),
                underWay.stream()
                        .filter(job -> row.name().equals(job.worker()))
                        .map(UnderWayView::of)
                        .toList());
    }

    /** As {@link WorkerStore#seen} writes them. */
    private static final class Lanes extends java.util.EnumMap<Lane, Integer> {
        private static final long serialVersionUID = 1;

        Lanes() {
            super(Lane.class);
        }
    }
}
