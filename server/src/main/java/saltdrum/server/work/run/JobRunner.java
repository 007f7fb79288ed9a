package saltdrum.server.work.run;

import java.io.UncheckedIOException;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import saltdrum.core.SaltDrumException;
import saltdrum.media.ffmpeg.ToolFailedException;
import saltdrum.server.store.TransientDatabaseFault;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.Attempt;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobState;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.job.SupersededAttemptException;

/** Does one job from beginning to end. What goes wrong becomes the job's message; nothing already stored is harmed. */
@Component
class JobRunner {
    private static final Logger LOG = LoggerFactory.getLogger(JobRunner.class);

    private final Set<String> inHand = ConcurrentHashMap.newKeySet();
    private final JobStore jobs;
    private final ClipStore clips;
    private final WorkRegistry registry;

    JobRunner(JobStore jobs, ClipStore clips, WorkRegistry registry) {
        this.jobs = jobs;
        this.clips = clips;
        this.registry = registry;
    }

    /** A job whose heartbeats failed during a database outage may be picked twice; the second run is skipped here. */
    void run(String jobId) {
        if (inHand.add(jobId)) {
            try {
                runAlone(jobId);
            } finally {
                inHand.remove(jobId);
            }
        }
    }

    private void runAlone(String jobId) {
        Attempt attempt = jobs.begin(jobId);
        if (attempt == null) {
            // Asked to stop before anybody took it up again.
            jobs.stopped(jobId);
            return;
        }
        JobRow job = jobs.get(jobId);
        ClipRow clip = clips.get(job.clipId());
        JobContext watch = new JobContext(job, attempt, jobs);
        try {
            WorkOrder order = WorkOrder.FORM.read(job.workOrder());
            registry.carryOut(clip, order, watch);
            watch.finish();
        } catch (SupersededAttemptException e) {
            LOG.warn("job {} was taken over while attempt {} rested", jobId, attempt.number());
        } catch (SaltDrumException e) {
            if (e instanceof ToolFailedException tool) {
                jobs.toolLines(attempt, tool.lastLines());
            }
            end(attempt, watch.stopped() ? JobState.STOPPED : JobState.FAILED, e.getMessage());
        } catch (UncheckedIOException e) {
            LOG.warn("job {} failed", jobId, e);
            boolean full = String.valueOf(e.getMessage()).contains("No space left");
            end(
                    attempt,
                    JobState.FAILED,
                    full
                            ? "The disk is full. Make room and try again; nothing was damaged."
                            : "A file could not be read or written. Try again; nothing was damaged.");
        } catch (RuntimeException e) {
            if (TransientDatabaseFault.is(e)) {
                // As after a crash: done again when the database is back.
                LOG.warn("job {} lost the database: {}", jobId, e.getMessage());
                throw e;
            }
            LOG.error("job {} failed", jobId, e);
            end(attempt, JobState.FAILED, "The server has failed. Nothing was changed; try again.");
        }
    }

    private void end(Attempt attempt, JobState state, String message) {
        if (!jobs.finish(attempt, state, message, null, null)) {
            LOG.warn("job {} was taken over; the result of attempt {} is discarded", attempt.jobId(), attempt.number());
        }
    }
}
