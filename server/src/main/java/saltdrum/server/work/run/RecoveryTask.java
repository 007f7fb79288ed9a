package saltdrum.server.work.run;

import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import saltdrum.server.store.AnsweredCallStore;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.media.StorageStore;
import saltdrum.server.store.people.AuditLog;

/** Repairs the effects of faults periodically: jobs of dead workers, unused media, incomplete files. */
@Component
class RecoveryTask {
    private static final long JOBS_MS = 5_000;
    private static final long FILES_MS = 5 * 60_000;
    private static final long TIDY_MS = 60 * 60_000;

    private final Workers workers;
    private final MediaStore media;
    private final JobStore jobs;
    private final ClipStore clips;
    private final StorageStore storage;
    private final AuditLog audit;
    private final AnsweredCallStore answered;

    RecoveryTask(
            Workers workers,
            MediaStore media,
            JobStore jobs,
            ClipStore clips,
            StorageStore storage,
            AuditLog audit,
            AnsweredCallStore answered) {
        this.answered = answered;
        this.audit = audit;
        this.storage = storage;
        this.clips = clips;
        this.jobs = jobs;
        this.workers = workers;
        this.media = media;
    }

    @Scheduled(fixedDelay = JOBS_MS, initialDelay = JOBS_MS)
    void jobs() {
        IgnoreDatabaseOutage.call(workers::recoverJobs);
        IgnoreDatabaseOutage.call(answered::dropOld);
        IgnoreDatabaseOutage.call(() -> media.sweepHalves(jobs::open));
    }

    @Scheduled(fixedDelay = FILES_MS)
    void files() {
        IgnoreDatabaseOutage.call(clips::forgetRemoved);
        IgnoreDatabaseOutage.call(media::sweep);
    }

    @Scheduled(fixedDelay = TIDY_MS, initialDelay = TIDY_MS)
    void finishedFiles() {
        IgnoreDatabaseOutage.call(storage::tidy);
        IgnoreDatabaseOutage.call(audit::forgetOld);
    }
}
