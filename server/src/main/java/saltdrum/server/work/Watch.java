package saltdrum.server.work;

import saltdrum.server.store.JobRow;
import saltdrum.server.store.JobState;
import saltdrum.server.store.JobStore;

/** A running job's line to the outside: progress and words go out at most four times a second, a stop comes in. */
final class Watch {
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
            jobs.progress(job.id(), progress, message);
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
            stopped = jobs.stopping(job.id());
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

    void output(String hash, String name) {
        outputHash = hash;
        outputName = name;
    }

    void finish() {
        jobs.finish(job.id(), stopped ? JobState.STOPPED : JobState.DONE, null, outputHash, outputName);
    }
}
