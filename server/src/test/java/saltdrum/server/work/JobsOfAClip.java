package saltdrum.server.work;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.transaction.PlatformTransactionManager;
import saltdrum.core.cue.Track;
import saltdrum.media.clip.Probe;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import saltdrum.server.TestDatabase;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.work.run.Workers;

/** Tests of a server's jobs on a clip, without HTTP. */
abstract class JobsOfAClip {
    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) throws Exception {
        TestDatabase.register(registry);
    }

    @Autowired
    JdbcTemplate sql;

    @Autowired
    Workers workers;

    @Autowired
    JobStore jobs;

    @Autowired
    MediaStore media;

    @Autowired
    ClipStore clips;

    @Autowired
    PlatformTransactionManager transactions;

    String clip;

    @BeforeEach
    void aClip() throws Exception {
        Path copy = media.workFile(".mp4");
        Files.copy(SmallClips.whole("tide-pool"), copy);
        var info = Probe.of(copy);
        clip = clips.add("tide", media.keep(copy), info, Track.empty("en", "Mallet"))
                .id();
    }

    JobRow awaitEnd(String id) {
        return Patience.await("the end of the job")
                .until(() -> jobs.get(id), job -> !job.state().isOpen());
    }
}
