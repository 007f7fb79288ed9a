package saltdrum.server.work;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.server.Settings;
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

    private final JobStore jobs;
    private final OneTimeTask<String> task;
    private final Scheduler scheduler;
    private final String name = ServerName.own().toString();

    Workers(DataSource dataSource, JobStore jobs, JobRunner runner, Settings settings) {
        this.jobs = jobs;
        this.task = Tasks.oneTime("job", String.class)
                .onFailure(new FailureHandler.OnFailureRetryLater<>(AGAIN))
                .execute((instance, context) -> runner.run(instance.getData()));
        // An order and its place in the queue are written in one transaction.
        this.scheduler = Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), task)
                .schedulerName(() -> name)
                .threads(settings.workers())
                .pollingInterval(Duration.ofSeconds(1))
                .heartbeatInterval(HEARTBEAT)
                .missedHeartbeatsLimit(MISSED_HEARTBEATS)
                .enableImmediateExecution()
                .shutdownMaxWait(Duration.ofSeconds(1))
                .build();
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        putRight();
        scheduler.start();
    }

    @PreDestroy
    void stop() {
        scheduler.stop();
    }

    @Transactional
    public JobRow order(String clipId, WorkOrder order) {
        JobRow job = jobs.add(clipId, order.kind(), WorkOrder.FORM.write(order));
        queue(job.id());
        return job;
    }

    /** All of them or none, in their order. */
    @Transactional
    public List<JobRow> orderAll(String clipId, List<WorkOrder> orders) {
        return orders.stream().map(order -> order(clipId, order)).toList();
    }

    private void queue(String jobId) {
        scheduler.schedule(task.instance(jobId, jobId), Instant.now());
    }

    public JobRow stop(String jobId) {
        JobRow job = jobs.get(jobId);
        jobs.stop(jobId);
        return jobs.get(jobId);
    }

    /** After any fault: no job waits for ever for somebody who is gone. */
    void putRight() {
        jobs.pickers().stream()
                .filter(picker -> ServerName.parse(picker).map(ServerName::gone).orElse(true))
                .forEach(jobs::releasePicked);
        jobs.stopAbandoned();
        jobs.lost().forEach(this::queue);
    }
}
