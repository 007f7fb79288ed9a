package saltdrum.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.core.cue.Track;
import saltdrum.media.clip.Probe;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import saltdrum.server.TestDatabase;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.JobState;
import saltdrum.server.store.JobStore;
import saltdrum.server.store.MediaStore;

/** A server that looks for jobs of others once an hour, and takes up its own when they are ordered. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.NONE,
        properties = {"salt-drum.workers=1", "salt-drum.poll=1h"})
class TakenUpAtOnceTest {
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

    /** Its worker was woken while the order could not be seen yet, and looked again only after a while. */
    @Test
    void anOrderIsTakenUpOnceItCanBeSeen() throws Exception {
        Path copy = media.workFile(".mp4");
        Files.copy(SmallClips.whole("tide-pool"), copy);
        var info = Probe.of(copy);
        String clip = clips.add("tide", media.keep(copy), info, Track.empty("en", "Mallet"))
                .id();
        String job = new TransactionTemplate(transactions).execute(status -> {
            String ordered = workers.order(clip, new WorkOrder.Listen()).id();
            sql.execute("select pg_sleep(0.3)");
            return ordered;
        });
        JobState end =
                Patience.await("the end of the job").until(() -> jobs.get(job).state(), state -> !state.isOpen());
        assertThat(end).isEqualTo(JobState.DONE);
    }
}
