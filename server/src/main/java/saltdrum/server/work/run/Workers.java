package saltdrum.server.work.run;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.exceptions.TaskInstanceCurrentlyExecutingException;
import com.github.kagkarlsson.scheduler.exceptions.TaskInstanceNotFoundException;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
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
import saltdrum.server.store.DatabaseClock;
import saltdrum.server.store.ServerName;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobState;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.job.Lane;

/**
 * Runs queued jobs. Jobs of a dead worker are picked up by another one: at once on the same machine, after twelve
 * seconds elsewhere. Jobs that failed because of the database are retried.
 */
@Component
public class Workers {
    private static final Duration AGAIN = Duration.ofSeconds(3);
    private static final Duration HEARTBEAT = Duration.ofSeconds(3);
    private static final int MISSED_HEARTBEATS = 4;
    private static final double LEAST_FILLED = 0.5;
    private static final int CLOCK_MS = 100;
    private final JobStore jobs;
    private final DatabaseClock clock;
    private final Map<Lane, Queue> queues = new EnumMap<>(Lane.class);
    private final String name = ServerName.own().toString();

    Workers(
            DataSource dataSource,
            JobStore jobs,
            JobRunner runner,
            Concurrency concurrency,
            Settings settings,
            DatabaseClock clock) {
        this.clock = clock;
        this.jobs = jobs;
        // An order and its place in the queue are written in one transaction.
        DataSource shared = new TransactionAwareDataSourceProxy(dataSource);
        for (Lane lane : Lane.values()) {
            queues.put(lane, new Queue(lane, shared, runner, concurrency.in(lane), settings.poll()));
        }
    }

    /** A lane's queue, and the threads that run its jobs in this process. */
    private final class Queue {
        final OneTimeTask<String> task;
        final Scheduler scheduler;
        final boolean taken;

        /** @param atOnce 0 for a queue that is filled here and worked off elsewhere */
        Queue(Lane lane, DataSource dataSource, JobRunner runner, int atOnce, Duration poll) {
            this.taken = atOnce > 0;
            this.task = Tasks.oneTime(lane.queue, String.class)
                    .onFailure(new FailureHandler.OnFailureRetryLater<>(AGAIN))
                    .execute((instance, context) -> runner.run(instance.getData()));
            this.scheduler = Scheduler.create(dataSource, task)
                    .schedulerName(() -> name)
                    .clock(clock::now)
                    .threads(Math.max(1, atOnce))
                    // Nothing is taken up before its turn, so that the order can be changed until then.
                    .pollUsingLockAndFetch(LEAST_FILLED, 1)
                    .pollingInterval(poll)
                    .heartbeatInterval(HEARTBEAT)
                    .missedHeartbeatsLimit(MISSED_HEARTBEATS)
                    .shutdownMaxWait(Duration.ofSeconds(1))
                    .build();
        }

        void start() {
            if (taken) {
                scheduler.start();
            }
        }

        void add(String jobId) {
            // Slightly in the past, because the clock may be set back by that much between this and the poll for due
            // jobs.
            scheduler.schedule(task.instance(jobId, jobId), clock.now().minusMillis(CLOCK_MS));
            AfterCommit.run(scheduler::triggerCheckForDueExecutions);
        }

        /** @return false where a worker has picked it already */
        boolean remove(String jobId) {
            try {
                scheduler.cancel(task.instanceId(jobId));
                return true;
            } catch (TaskInstanceCurrentlyExecutingException | TaskInstanceNotFoundException picked) {
                return false;
            }
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        recoverJobs();
        queues.values().forEach(Queue::start);
    }

    @PreDestroy
    void stop() {
        // Together: each waits a while for what it does, the longer where the database is gone.
        queues.values().stream()
                .filter(queue -> queue.taken)
                .map(queue -> CompletableFuture.runAsync(queue.scheduler::stop))
                .toList()
                .forEach(CompletableFuture::join);
    }

    @Transactional
    public JobRow order(String clipId, WorkOrder order) {
        JobRow job = jobs.add(clipId, order.kind(), WorkOrder.FORM.write(order));
        queueOf(job).add(job.id());
        return job;
    }

    /** The same, before all renders that wait: for what is made in a moment. */
    @Transactional
    public JobRow orderNext(String clipId, WorkOrder order) {
        JobRow job = order(clipId, order);
        jobs.toHead(Lane.RENDERS.queue, job.id());
        return job;
    }

    private Queue queueOf(JobRow job) {
        return queues.get(job.kind().lane);
    }

    public JobRow job(String jobId) {
        return jobs.get(jobId);
    }

    public JobRow stop(String jobId) {
        jobs.get(jobId);
        jobs.stop(jobId);
        return jobs.get(jobId);
    }

    /** Takes it out of its queue; what is being done already, or has just been picked, is done to its end. */
    @Transactional
    public void hold(String jobId) {
        JobRow job = jobs.get(jobId);
        if (job.state() == JobState.WAITING && queueOf(job).remove(jobId)) {
            jobs.hold(jobId);
        }
    }

    /** Back into its queue, at its end: what was held, failed or stopped. */
    @Transactional
    public void release(String jobId) {
        JobRow job = jobs.get(jobId);
        if (jobs.release(jobId)) {
            queueOf(job).add(jobId);
        }
    }

    /** Renders that wait for their turn, the next first. */
    public List<String> waiting() {
        return jobs.waiting(Lane.RENDERS.queue);
    }

    /**
     * Puts a render that waits before another one.
     *
     * @param before null for the end
     */
    public void place(String jobId, String before) {
        List<String> order = new ArrayList<>(jobs.waiting(Lane.RENDERS.queue));
        if (!order.remove(jobId)) {
            throw new RefusedEditException("It is no longer in the queue.");
        }
        int at = before == null ? order.size() : order.indexOf(before);
        order.add(at < 0 ? order.size() : at, jobId);
        jobs.reorder(Lane.RENDERS.queue, order);
    }

    /** Repairs the queues after a crash, so that no job waits for a dead worker. */
    public void recoverJobs() {
        jobs.pickers().stream()
                .filter(picker -> ServerName.parse(picker).map(ServerName::gone).orElse(true))
                .forEach(jobs::releasePicked);
        jobs.stopAbandoned();
        jobs.lost().forEach(id -> queueOf(jobs.get(id)).add(id));
    }
}
