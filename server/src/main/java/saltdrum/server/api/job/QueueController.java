package saltdrum.server.api.job;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.MayBeMissing;
import saltdrum.server.work.run.Workers;

/** Moves single files in the queue. */
@Tag(name = "orders")
@RestController
@RequestMapping("/api/jobs/{jobId}")
class QueueController {
    private final Workers workers;

    QueueController(Workers workers) {
        this.workers = workers;
    }

    /** @param before another that waits; missing for the end of the queue */
    record PlaceRequest(@MayBeMissing String before) {}

    @Operation(summary = "Puts a file that waits before another one in the queue")
    @PostMapping("/place")
    List<String> place(@PathVariable String jobId, @RequestBody PlaceRequest request) {
        workers.place(jobId, request.before());
        return workers.waiting();
    }

    @Operation(summary = "Makes a file after all that was held, failed or was stopped")
    @PostMapping("/again")
    JobView againOne(@PathVariable String jobId) {
        workers.release(jobId);
        return JobView.of(workers.job(jobId));
    }
}
