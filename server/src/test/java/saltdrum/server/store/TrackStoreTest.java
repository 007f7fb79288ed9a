package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueGiven;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BringInCues;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.JoinCues;
import saltdrum.core.edit.Rebreak;
import saltdrum.core.edit.Restyle;
import saltdrum.core.edit.RetypeCue;
import saltdrum.core.edit.SetEmphasis;
import saltdrum.core.edit.SplitCue;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.TestDatabase;

/** Against a real PostgreSQL. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.NONE,
        properties = {"salt-drum.data=target/store-test", "salt-drum.workers=1"})
class TrackStoreTest {
    static final ClipInfo INFO = new ClipInfo(
            "mov,mp4",
            600_000,
            1080,
            1920,
            0,
            30,
            false,
            new ClipInfo.Ratio(1, 15360),
            0,
            "h264",
            "yuv420p",
            new ClipInfo.Colour(null, null, null, null),
            false,
            true,
            List.of(),
            List.of());

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) throws Exception {
        TestDatabase.register(registry);
    }

    @Autowired
    private TrackMapper mapper;

    @Autowired
    private JobMapper jobMapper;

    @Autowired
    ClipStore clips;

    @Autowired
    TrackStore tracks;

    @Autowired
    MediaStore media;

    @Autowired
    JdbcTemplate sql;

    @Autowired
    private PlatformTransactionManager transactions;

    private String clipId;
    private Track track;

    @BeforeEach
    void aClip() {
        track = Track.of("en", Recipe.PHRASE, "Mallet", words(40));
        clipId = clips.add("Three coats", media.keep("bytes".getBytes()), INFO, track)
                .id();
        track = track.withLength((int) INFO.durationMs());
    }

    private static List<Word> words(int count) {
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            words.add(Word.of(i + 1L, "word" + i, i * 400, i * 400 + 300, WordSource.ALIGNED));
        }
        return words;
    }

    private StoredTrack edit(long version, Edit edit) {
        return tracks.change(clipId, version, edit).after();
    }

    /** What the database holds, read afresh. */
    private Track stored() {
        List<Cue> cues = new ArrayList<>();
        for (var row : sql.queryForList(
                "select id, locked, array_to_string(line_starts, ' ') as starts from cue where track_id = ? order by ordinal",
                clipId)) {
            List<Word> words = sql.query(
                    "select * from word where track_id = ? and cue_id = ? order by ordinal",
                    (r, n) -> new Word(
                            r.getLong("id"),
                            r.getString("text"),
                            r.getInt("start_ms"),
                            r.getInt("end_ms"),
                            r.getDouble("confidence"),
                            WordSource.valueOf(r.getString("source")),
                            r.getInt("emphasis"),
                            saltdrum.core.word.Pin.valueOf(r.getString("pin"))),
                    clipId,
                    row.get("id"));
            String starts = (String) row.get("starts");
            cues.add(new Cue(
                    (Long) row.get("id"),
                    words,
                    starts.isEmpty()
                            ? List.of()
                            : java.util.Arrays.stream(starts.split(" "))
                                    .map(Integer::valueOf)
                                    .toList(),
                    (Boolean) row.get("locked")));
        }
        return tracks.get(clipId)
                .track()
                .withCues(cues, tracks.get(clipId).track().nextId());
    }

    @Test
    void whatIsStoredIsWhatWasMade() {
        assertThat(stored().cues()).isEqualTo(track.cues());
    }

    @Test
    void undoAndRedoAreExactToTheBeginningAndBack() {
        Random random = new Random(5);
        List<Track> states = new ArrayList<>(List.of(track));
        long version = 0;
        while (states.size() < 25) {
            Track now = states.get(states.size() - 1);
            Cue cue = now.cues().get(random.nextInt(now.cues().size()));
            Word word = cue.words().get(random.nextInt(cue.words().size()));
            Edit edit =
                    switch (random.nextInt(5)) {
                        case 0 -> new SplitCue(word.id());
                        case 1 -> new JoinCues(cue.id());
                        case 2 -> new Rebreak(Recipe.BUILT_IN.get(random.nextInt(3)), false);
                        case 3 -> new RetypeCue(cue.id(), cue.text() + " more");
                        default -> new SetEmphasis(List.of(word.id()), 1 + random.nextInt(4));
                    };
            try {
                StoredTrack stored = edit(version, edit);
                if (stored.version() > version) {
                    version = stored.version();
                    states.add(stored.track());
                    assertThat(stored().cues()).isEqualTo(stored.track().cues());
                }
            } catch (RefusedEditException refused) {
                // Another one will do.
            }
        }
        for (int i = states.size() - 2; i >= 0; i--) {
            StoredTrack undone = tracks.undo(clipId, version).after();
            version = undone.version();
            assertThat(undone.track()).isEqualTo(states.get(i));
            assertThat(stored().cues()).isEqualTo(states.get(i).cues());
        }
        assertThat(tracks.get(clipId).steps().undo()).isNull();
        for (int i = 1; i < states.size(); i++) {
            StoredTrack redone = tracks.redo(clipId, version).after();
            version = redone.version();
            assertThat(redone.track()).isEqualTo(states.get(i));
        }
        assertThat(stored().cues()).isEqualTo(states.get(states.size() - 1).cues());
    }

    @Test
    void aStaleChangeIsRefusedAndNothingIsLost() {
        StoredTrack first = edit(0, new Restyle("Lantern"));
        assertThatThrownBy(() -> edit(0, new Restyle("Tidemark"))).isInstanceOf(StaleException.class);
        assertThat(tracks.get(clipId).track().style()).isEqualTo("Lantern");
        assertThat(tracks.get(clipId).version()).isEqualTo(first.version());
    }

    @Test
    void noConnectionIsHeldWhileAChangeIsWorkedOut() {
        List<Boolean> held = new ArrayList<>();
        tracks.change(clipId, 0, t -> "Style", t -> {
            held.add(TransactionSynchronizationManager.isActualTransactionActive());
            return new Restyle("Lantern").on(t);
        });
        assertThat(held).containsExactly(false);
    }

    @Test
    void workThatWasOvertakenIsWorkedOutAgainOnWhatIsThere() {
        List<Long> seen = new ArrayList<>();
        long word = track.words().findFirst().orElseThrow().id();
        tracks.change(clipId, -1, t -> "Style", t -> {
            long version = tracks.get(clipId).version();
            seen.add(version);
            if (version == 0) {
                edit(0, new SetEmphasis(List.of(word), 2));
            }
            return new Restyle("Lantern").on(t);
        });
        assertThat(seen).containsExactly(0L, 1L);
        Track both = tracks.get(clipId).track();
        assertThat(both.style()).isEqualTo("Lantern");
        assertThat(both.words().findFirst().orElseThrow().emphasis()).isEqualTo(2);
        assertThat(stored()).isEqualTo(both);
    }

    @Test
    void anEditThatWasOvertakenIsRefused() {
        assertThatThrownBy(() -> tracks.change(clipId, 0, t -> "Style", t -> {
                    edit(0, new Restyle("Tidemark"));
                    return new Restyle("Lantern").on(t);
                }))
                .isInstanceOf(StaleException.class);
        assertThat(tracks.get(clipId).track().style()).isEqualTo("Tidemark");
        assertThat(tracks.history(clipId)).hasSize(1);
    }

    @Test
    void aNewChangeForgetsWhatWasUndone() {
        StoredTrack a = edit(0, new Restyle("Lantern"));
        StoredTrack b = tracks.undo(clipId, a.version()).after();
        StoredTrack c = edit(b.version(), new Restyle("Tidemark"));
        assertThat(c.steps().redo()).isNull();
        assertThat(c.steps().undo()).isEqualTo("Style Tidemark");
        assertThatThrownBy(() -> tracks.redo(clipId, c.version())).isInstanceOf(RefusedEditException.class);
    }

    private StoredTrack draft(String jobId, String style, List<Boolean> anew) {
        return tracks.amend(clipId, jobId, t -> "Draft", (track, again) -> {
                    anew.add(again);
                    return new Restyle(style).on(track);
                })
                .after();
    }

    private String job() {
        return new JobStore(jobMapper).add(clipId, JobKind.WORDS, "{}").id();
    }

    @Test
    void aDraftThatGrowsIsOneStepOfTheHistory() {
        Track before = tracks.get(clipId).track();
        String job = job();
        List<Boolean> anew = new ArrayList<>();
        StoredTrack last = null;
        for (String style : List.of("Lantern", "Tidemark", "Lantern")) {
            last = draft(job, style, anew);
        }
        assertThat(anew).containsExactly(false, true, true);
        assertThat(last.version()).isEqualTo(3);
        StoredTrack undone = tracks.undo(clipId, 3).after();
        assertThat(undone.track()).isEqualTo(before);
        assertThat(undone.steps().undo()).isNull();
    }

    @Test
    void aDraftDoesNotOverwriteWhatOthersDidMeanwhile() {
        String job = job();
        List<Boolean> anew = new ArrayList<>();
        StoredTrack mine = draft(job, "Lantern", anew);
        long word = mine.track().words().findFirst().orElseThrow().id();
        edit(mine.version(), new SetEmphasis(List.of(word), 2));
        StoredTrack after = draft(job, "Tidemark", anew);
        assertThat(anew).containsExactly(false, false);
        assertThat(after.track().style()).isEqualTo("Tidemark");
        assertThat(after.track().words().findFirst().orElseThrow().emphasis()).isEqualTo(2);
        assertThat(after.steps().undo()).isEqualTo("Draft");
    }

    @Test
    void wordsOfAClipAreGotOnceAtATime() {
        String first = job();
        assertThatThrownBy(this::job).isInstanceOf(RefusedEditException.class).hasMessageContaining("already");
        new JobStore(jobMapper).finish(first, JobState.DONE, null, null, null);
        assertThat(job()).isNotEqualTo(first);
    }

    @Test
    void otherReadingsOfAWordAreKeptAndReplaced() {
        long word = track.cues().get(0).words().get(0).id();
        tracks.keepReadings(clipId, List.of(new StoredReading(word, "rope", List.of("robe", "roap"))));
        tracks.keepReadings(clipId, List.of(new StoredReading(word, "rope", List.of("robe"))));
        assertThat(tracks.reading(clipId, word)).isEqualTo(new StoredReading(word, "rope", List.of("robe")));
        assertThat(tracks.reading(clipId, 99_999)).isNull();
    }

    @Test
    void whatAFileGaveToACueIsKept() {
        Cue given = track.cues().get(0).withGiven(new CueGiven(5, null, "align:left"));
        StoredTrack stored = edit(0, new BringInCues("sv", List.of(given), "REGION\nid:a"));
        // A store without memory reads it from the database.
        Track read = new TrackStore(mapper, transactions).get(clipId).track();
        assertThat(read).isEqualTo(stored.track());
        assertThat(read.cues().get(0).given()).isEqualTo(given.given());
        assertThat(read.beside().regions()).isEqualTo("REGION\nid:a");
    }

    @Test
    void aRefusedEditLeavesNoTrace() {
        long last = track.cues().get(track.cues().size() - 1).id();
        assertThatThrownBy(() -> edit(0, new JoinCues(last))).isInstanceOf(RefusedEditException.class);
        assertThat(tracks.get(clipId).version()).isZero();
        assertThat(stored().cues()).isEqualTo(track.cues());
    }

    @Test
    void theSchemaRefusesWhatCannotBe() {
        assertThatThrownBy(() -> sql.update("update word set end_ms = start_ms where track_id = ?", clipId))
                .hasMessageContaining("check");
        assertThatThrownBy(() -> sql.update(
                        "insert into clip (id, name, media_hash, info) values ('short', 'x', ?, '{}')", "0".repeat(64)))
                .isInstanceOf(Exception.class);
    }

    @Test
    void removingAClipTakesEverythingOfItAlong() {
        clips.remove(clipId);
        assertThat(sql.queryForObject("select count(*) from word where track_id = ?", Integer.class, clipId))
                .isZero();
        assertThatThrownBy(() -> tracks.get(clipId)).isInstanceOf(NotFoundException.class);
    }

    @Test
    void theSameBytesAreKeptOnce() throws Exception {
        String a = media.keep("the same".getBytes());
        String b = media.keep("the same".getBytes());
        assertThat(a).isEqualTo(b);
        assertThat(java.nio.file.Files.readString(media.file(a))).isEqualTo("the same");
    }
}
