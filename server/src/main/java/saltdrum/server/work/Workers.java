package saltdrum.server.work;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.time.Instant;
import javax.sql.DataSource;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import saltdrum.server.Settings;
import saltdrum.server.store.JobRow;
import saltdrum.server.store.JobStore;

/** Takes jobs from the database and does them. A job whose process died is picked up again. */
@Component
public class Workers {
    private final JobStore jobs;
    private final OneTimeTask<String> task;
    private final Scheduler scheduler;
    private final String name;

    Workers(DataSource dataSource, JobStore jobs, JobRunner runner, Settings settings) {
        this.jobs = jobs;
        this.name = "salt-drum@" + host();
        this.task = Tasks.oneTime("job", String.class).execute((instance, context) -> runner.run(instance.getData()));
        this.scheduler = Scheduler.create(dataSource, task)
                .schedulerName(() -> name)
                .threads(settings.workers())
                .pollingInterval(Duration.ofSeconds(1))
                .heartbeatInterval(Duration.ofSeconds(5))
                .missedHeartbeatsLimit(4)
                .enableImmediateExecution()
                .shutdownMaxWait(Duration.ofSeconds(1))
                .build();
    }

    private static String host() {
        try {
            return InetAddress.getLocalHost().getHostName();
        } catch (UnknownHostException e) {
            return "localhost";
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        jobs.releasePicked(name);
        scheduler.start();
    }

    @PreDestroy
    void stop() {
        scheduler.stop();
    }

    public JobRow order(String clipId, WorkOrder order) {
        JobRow job = jobs.add(clipId, order.kind(), WorkOrder.FORM.write(order));
        scheduler.schedule(task.instance(job.id(), job.id()), Instant.now());
        return job;
    }

    public JobRow stop(String jobId) {
        JobRow job = jobs.get(jobId);
        jobs.stop(jobId);
        return jobs.get(jobId);
    }
}
