package saltdrum.server.work;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import javax.sql.DataSource;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.RefusedEditException;
import saltdrum.server.Settings;
import saltdrum.server.store.JobKind;
import saltdrum.server.store.JobRow;
import saltdrum.server.store.JobStore;
import saltdrum.server.store.ServerName;

/**
 * Takes jobs from the database and does them. Whatever dies, its jobs go on: those of a server that is gone are free at
 * once on its machine, and after twelve seconds elsewhere; what failed for want of the database is tried again.
 */
@Component
public class Workers {
    private static final Duration AGAIN = Duration.ofSeconds(3);
    private static final Duration HEARTBEAT = Duration.ofSeconds(3);
    private static final int MISSED_HEARTBEATS = 4;
    private static final double LEAST_FILLED = 0.5;
    /** Names of queues, as they stand in the database. */
    private static final String JOBS = "job";

    private static final String RENDERS = "render";

    private final JobStore jobs;
    private final Map<JobKind, Lane> lanes = new EnumMap<>(JobKind.class);
    private final List<Lane> all;
    private final String name = ServerName.own().toString();

    Workers(DataSource dataSource, JobStore jobs, JobRunner runner, Settings settings) {
        this.jobs = jobs;
        // An order and its place in the queue are written in one transaction.
        DataSource shared = new TransactionAwareDataSourceProxy(dataSource);
        Lane light = new Lane(JOBS, shared, runner, settings.workers());
        Lane renders = new Lane(RENDERS, shared, runner, settings.renderers());
        for (JobKind kind : JobKind.values()) {
            lanes.put(kind, kind == JobKind.RENDER ? renders : light);
        }
        this.all = List.of(light, renders);
    }

    /** A queue of its own, and whoever works it off: a long film keeps no words waiting. */
    private final class Lane {
        final OneTimeTask<String> task;
        final Scheduler scheduler;

        Lane(String title, DataSource dataSource, JobRunner runner, int atOnce) {
            this.task = Tasks.oneTime(title, String.class)
                    .onFailure(new FailureHandler.OnFailureRetryLater<>(AGAIN))
                    .execute((instance, context) -> runner.run(instance.getData()));
            this.scheduler = Scheduler.create(dataSource, task)
                    .schedulerName(() -> name)
                    .threads(atOnce)
                    // Nothing is taken up before its turn, so that the order can be changed until then.
                    .pollUsingLockAndFetch(LEAST_FILLED, 1)
                    .pollingInterval(Duration.ofSeconds(1))
                    .heartbeatInterval(HEARTBEAT)
                    .missedHeartbeatsLimit(MISSED_HEARTBEATS)
                    .enableImmediateExecution()
                    .shutdownMaxWait(Duration.ofSeconds(1))
                    .build();
        }

        void queue(String jobId) {
            scheduler.schedule(task.instance(jobId, jobId), Instant.now());
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        putRight();
        all.forEach(lane -> lane.scheduler.start());
    }

    @PreDestroy
    void stop() {
        // Together: each waits a while for what it does, the longer where the database is gone.
        all.stream()
                .map(lane -> CompletableFuture.runAsync(lane.scheduler::stop))
                .toList()
                .forEach(CompletableFuture::join);
    }

    @Transactional
    public JobRow order(String clipId, WorkOrder order) {
        JobRow job = jobs.add(clipId, order.kind(), WorkOrder.FORM.write(order));
        lanes.get(job.kind()).queue(job.id());
        return job;
    }

    public JobRow job(String jobId) {
        return jobs.get(jobId);
    }

    public JobRow stop(String jobId) {
        jobs.get(jobId);
        jobs.stop(jobId);
        return jobs.get(jobId);
    }

    /** Takes it out of its queue; what is being done already is done to its end. */
    @Transactional
    public void hold(String jobId) {
        JobRow job = jobs.get(jobId);
        if (jobs.hold(jobId)) {
            Lane lane = lanes.get(job.kind());
            lane.scheduler.cancel(lane.task.instanceId(jobId));
        }
    }

    /** Back into its queue, at its end: what was held, failed or stopped. */
    @Transactional
    public void release(String jobId) {
        JobRow job = jobs.get(jobId);
        if (jobs.release(jobId)) {
            lanes.get(job.kind()).queue(jobId);
        }
    }

    /** Renders that wait for their turn, the next first. */
    public List<String> waiting() {
        return jobs.waiting(RENDERS);
    }

    /**
     * Puts a render that waits before another one.
     *
     * @param before null for the end
     */
    public void place(String jobId, String before) {
        List<String> order = new ArrayList<>(jobs.waiting(RENDERS));
        if (!order.remove(jobId)) {
            throw new RefusedEditException("It does not wait any more, so it has no place in the queue.");
        }
        int at = before == null ? order.size() : order.indexOf(before);
        order.add(at < 0 ? order.size() : at, jobId);
        jobs.reorder(RENDERS, order);
    }

    /** After any fault: no job waits for ever for somebody who is gone. */
    void putRight() {
        jobs.pickers().stream()
                .filter(picker -> ServerName.parse(picker).map(ServerName::gone).orElse(true))
                .forEach(jobs::releasePicked);
        jobs.stopAbandoned();
        jobs.lost().forEach(id -> lanes.get(jobs.get(id).kind()).queue(id));
    }
}
