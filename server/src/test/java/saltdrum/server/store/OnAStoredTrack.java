package saltdrum.server.store;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.transaction.PlatformTransactionManager;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Edit;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.TestDatabase;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.JobMapper;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackHistory;
import saltdrum.server.store.track.TrackMapper;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;

/** Tests on a clip of forty words, against a real PostgreSQL. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.NONE, properties = "salt-drum.workers=1")
public abstract class OnAStoredTrack {
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
    public TrackMapper mapper;

    @Autowired
    public JobMapper jobMapper;

    @Autowired
    public ClipStore clips;

    @Autowired
    public TrackStore tracks;

    @Autowired
    public TrackHistory history;

    @Autowired
    public MediaStore media;

    @Autowired
    public JdbcTemplate sql;

    @Autowired
    public PlatformTransactionManager transactions;

    public String clipId;
    public Track track;

    @BeforeEach
    void aClip() {
        track = Track.of("en", Recipe.PHRASE, "Mallet", words(40));
        clipId = clips.add("Three coats", media.keep("bytes".getBytes()), INFO, track)
                .id();
        track = track.withLength((int) INFO.durationMs());
    }

    static List<Word> words(int count) {
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            words.add(Word.of(i + 1L, "word" + i, i * 400, i * 400 + 300, WordSource.ALIGNED));
        }
        return words;
    }

    public StoredTrack edit(long version, Edit edit) {
        return tracks.change(clipId, TrackVersion.of(version), edit).after();
    }

    /** What the database holds, read afresh. */
    public Track stored() {
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
}
