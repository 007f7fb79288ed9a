package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.server.Patience;
import saltdrum.server.TestDatabase;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.Attempt;
import saltdrum.server.store.job.JobKind;
import saltdrum.server.store.job.JobState;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;

/** Open pages hear of every change of a clip once, and when the change can be read. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.NONE, properties = "salt-drum.workers=1")
class AnnouncementTest {
    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) throws Exception {
        TestDatabase.register(registry);
    }

    @Autowired
    private AnnouncementListener line;

    @Autowired
    private ClipStore clips;

    @Autowired
    private TrackStore tracks;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MediaStore media;

    @Autowired
    private ClientStore clients;

    @Autowired
    private JdbcTemplate sql;

    private final BlockingQueue<String> heard = new LinkedBlockingQueue<>();
    private final AtomicBoolean closed = new AtomicBoolean();
    private String clipId;

    @BeforeEach
    void aClip() throws Exception {
        Thread listening = new Thread(() -> line.listen(heard::add, () -> {}, closed::get));
        listening.setDaemon(true);
        listening.start();
        Patience.await("the line").until(() -> {
            sql.execute("notify salt_drum, 'hello'");
            return !heard.isEmpty();
        });
        Track track = Track.of("en", Recipe.PHRASE, "Mallet", List.of(Word.of(1, "tide", 0, 300, WordSource.TYPED)));
        clipId = clips.add("Three coats", media.keep("bytes".getBytes()), OnAStoredTrack.INFO, track)
                .id();
        next("\"clip\"");
        heard.clear();
    }

    @AfterEach
    void close() {
        closed.set(true);
    }

    /** The next announcement of this clip, which must be of that kind. */
    private String next(String what) throws InterruptedException {
        String said =
                Patience.await("an announcement").until(heard::poll, next -> next != null && next.contains(clipId));
        assertThat(said).contains(what);
        return said;
    }

    @Test
    void anEditIsToldWithTheVersionItMade() throws Exception {
        long version = tracks.change(clipId, TrackVersion.of(0), new Restyle("Lantern"))
                .after()
                .version();
        assertThat(next("\"track\"")).contains("\"version\" : " + version);
        tracks.change(clipId, TrackVersion.of(version), new Restyle("Lantern"));
        // Announcements come in order: the next change is the next announcement.
        tracks.change(clipId, TrackVersion.of(version), new Restyle("Chalk"));
        assertThat(next("\"track\"")).as("what changes nothing is not told").contains("\"version\" : " + (version + 1));
    }

    @Test
    void aTranslationIsToldWithItsLanguage() throws Exception {
        tracks.openTranslation(clipId, "es");
        next("\"clip\"");
        tracks.change(TrackStore.translationId(clipId, "es"), TrackVersion.of(0), new Restyle("Lantern"));
        assertThat(next("\"translation\"")).contains("\"es\"");
        tracks.removeTranslation(clipId, "es");
        next("\"clip\"");
    }

    @Test
    void whatAClipIsAndWhoseIsTold() throws Exception {
        clips.prepared(clipId, null, media.keep("peaks".getBytes()), null);
        next("\"clip\"");
        clips.belongTo(clipId, clients.named("Harbour Oven").id());
        next("\"clip\"");
        clips.remove(clipId);
        next("\"clip\"");
    }

    /** Announcements during the outage were lost. */
    @Test
    void afterALostConnectionPagesAreToldToAskAnew() throws Exception {
        sql.queryForList("select pg_terminate_backend(pid) from pg_stat_activity where query = 'listen salt_drum'");
        Patience.await("a word that some were missed").until(heard::poll, AnnouncementListener.MISSED::equals);
        clips.rename(clipId, "Heard again");
        next("\"clip\"");
    }

    @Test
    void workIsToldFromItsOrderToItsEnd() throws Exception {
        String id = jobs.add(clipId, JobKind.PREPARE, "{}").id();
        assertThat(next("\"job\"")).contains(id);
        Attempt attempt = jobs.begin(id);
        next("\"job\"");
        jobs.progress(attempt, 0.5, "half");
        next("\"job\"");
        jobs.finish(attempt, JobState.DONE, null, null, null);
        next("\"job\"");
        jobs.remove(id);
        next("\"job\"");
    }
}
