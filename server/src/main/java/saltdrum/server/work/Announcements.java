package saltdrum.server.work;

import java.util.Map;
import org.springframework.stereotype.Component;
import saltdrum.core.Json;
import saltdrum.server.store.JobStore;

/** Says through the database what changed, so that every open page hears it whichever process did it. */
@Component
public class Announcements {
    private final JobStore jobs;

    Announcements(JobStore jobs) {
        this.jobs = jobs;
    }

    public void track(String clipId, long version) {
        jobs.announce(Json.write(Map.of("what", "track", "clipId", clipId, "version", version)));
    }

    public void translation(String clipId, String language, long version) {
        jobs.announce(
                Json.write(Map.of("what", "translation", "clipId", clipId, "language", language, "version", version)));
    }

    public void clip(String clipId) {
        jobs.announce(Json.write(Map.of("what", "clip", "clipId", clipId)));
    }

    public void job(String clipId, String jobId) {
        jobs.announce(Json.write(Map.of("what", "job", "clipId", clipId, "jobId", jobId)));
    }
}
