package saltdrum.server.work;

import java.util.function.Supplier;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.TransactionException;
import saltdrum.core.SaltDrumException;
import saltdrum.media.output.Receipt;
import saltdrum.media.pieces.PieceList;
import saltdrum.server.store.JobRow;
import saltdrum.server.store.JobState;
import saltdrum.server.store.JobStore;

/** A running job's line to the outside: progress and words go out at most four times a second, a stop comes in. */
final class Watch {
    private static final int MOST_TRIES = 300;
    private static final long PAUSE_NS = 250_000_000L;

    private final JobRow job;
    private final JobStore jobs;
    private double progress;
    private String message;
    private String outputHash;
    private String outputName;
    private long saidAt;
    private long askedAt = System.nanoTime();
    private boolean stopped;

    Watch(JobRow job, JobStore jobs) {
        this.job = job;
        this.jobs = jobs;
    }

    synchronized void progress(double done) {
        progress = done;
        long now = System.nanoTime();
        if (now - saidAt > PAUSE_NS) {
            saidAt = now;
            UnlessAway.call(() -> jobs.progress(job.id(), progress, message));
        }
    }

    synchronized void say(String newMessage) {
        message = newMessage;
        progress(progress);
    }

    /** How far it is, and in words. */
    synchronized void report(double done, String newMessage) {
        message = newMessage;
        progress(done);
    }

    synchronized boolean stopped() {
        long now = System.nanoTime();
        if (!stopped && now - askedAt > PAUSE_NS) {
            askedAt = now;
            UnlessAway.call(() -> stopped = jobs.stopping(job.id()));
        }
        return stopped;
    }

    /** The job as it was when this work began: what a draft had brought in says whether it is done again after a crash. */
    JobRow job() {
        return job;
    }

    void heard(int fromMs, int toMs) {
        jobs.heard(job.id(), fromMs, toMs);
    }

    void receipt(Receipt receipt) {
        untilBack(() -> {
            jobs.receipt(job.id(), receipt);
            return true;
        });
    }

    void pieces(PieceList pieces) {
        untilBack(() -> {
            jobs.pieces(job.id(), pieces);
            return true;
        });
    }

    void output(String hash, String name) {
        outputHash = hash;
        outputName = name;
    }

    void finish() {
        untilBack(() -> {
            jobs.finish(job.id(), stopped ? JobState.STOPPED : JobState.DONE, null, outputHash, outputName);
            return true;
        });
    }

    /** Waits for a database that is away: what was done is not done again for want of a line about it. */
    static <T> T untilBack(Supplier<T> call) {
        for (int i = 0; ; i++) {
            try {
                return call.get();
            } catch (DataAccessException | TransactionException away) {
                if (i == MOST_TRIES) {
                    throw away;
                }
                pause();
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(1000);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new SaltDrumException("The work was stopped.", e);
        }
    }
}
