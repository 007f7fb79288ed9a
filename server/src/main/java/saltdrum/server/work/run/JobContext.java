package saltdrum.server.work.run;

import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.TransactionException;
import saltdrum.core.SaltDrumException;
import saltdrum.media.output.Receipt;
import saltdrum.media.pieces.PieceList;
import saltdrum.server.store.TransientDatabaseFault;
import saltdrum.server.store.job.Attempt;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobState;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.job.SupersededAttemptException;

/**
 * The link between a running job and the store: writes progress and messages at most four times a second, and polls
 * for a stop. Callers never wait for another thread's database call.
 */
public final class JobContext {
    private static final int MOST_TRIES = 300;
    private static final long PAUSE_NS = 250_000_000L;

    private final JobRow job;
    private final Attempt attempt;
    private final JobStore jobs;
    private final AtomicLong saidAt = new AtomicLong(System.nanoTime() - PAUSE_NS);
    private final AtomicLong askedAt = new AtomicLong(System.nanoTime());
    private volatile double progress;
    private volatile String message;
    private volatile boolean stopped;
    private String note;
    private String outputHash;
    private String outputName;

    JobContext(JobRow job, Attempt attempt, JobStore jobs) {
        this.job = job;
        this.attempt = attempt;
        this.jobs = jobs;
    }

    /** Whether the interval has passed; only one of several concurrent callers gets true. */
    private static boolean due(AtomicLong last) {
        long then = last.get();
        long now = System.nanoTime();
        return now - then > PAUSE_NS && last.compareAndSet(then, now);
    }

    public void progress(double done) {
        progress = done;
        if (due(saidAt)) {
            IgnoreDatabaseOutage.call(() -> jobs.progress(attempt, progress, message));
        }
    }

    public void say(String newMessage) {
        message = newMessage;
        progress(progress);
    }

    /** How far it is, and in words. */
    public void report(double done, String newMessage) {
        message = newMessage;
        progress(done);
    }

    /** Whether somebody stopped it, or another attempt has begun. */
    public boolean stopped() {
        if (!stopped && due(askedAt)) {
            IgnoreDatabaseOutage.call(() -> stopped = jobs.stopping(attempt));
        }
        return stopped;
    }

    /** The job as it was when this work began: what a draft had added says whether it is done again after a crash. */
    public JobRow job() {
        return job;
    }

    public Attempt attempt() {
        return attempt;
    }

    /** Writes what was made, unless another attempt has begun. */
    public void write(Runnable what) {
        jobs.write(attempt, what);
    }

    public void heard(int fromMs, int toMs) {
        jobs.heard(attempt, fromMs, toMs);
    }

    public void receipt(Receipt receipt) {
        untilBack(() -> {
            jobs.receipt(attempt, receipt);
            return true;
        });
    }

    public void pieces(PieceList pieces) {
        untilBack(() -> {
            jobs.pieces(attempt, pieces);
            return true;
        });
    }

    /** What the person should know of the result; null for nothing. */
    public void note(String said) {
        note = said;
    }

    public void output(String hash, String name) {
        outputHash = hash;
        outputName = name;
    }

    void finish() {
        untilBack(() -> {
            if (!jobs.finish(attempt, stopped ? JobState.STOPPED : JobState.DONE, note, outputHash, outputName)) {
                throw new SupersededAttemptException();
            }
            return true;
        });
    }

    /** Waits for a database that is away: what was done is not done again for want of a line about it. */
    public static <T> T untilBack(Supplier<T> call) {
        for (int i = 0; ; i++) {
            try {
                return call.get();
            } catch (DataAccessException | TransactionException e) {
                if (i == MOST_TRIES || !TransientDatabaseFault.is(e)) {
                    throw e;
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
            throw new SaltDrumException("The job was stopped.", e);
        }
    }
}
