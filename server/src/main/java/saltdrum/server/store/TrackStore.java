package saltdrum.server.store;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.Json;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Beside;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueGiven;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Tracks and their history. A change names the version it was made on; an older one is refused, never merged. */
@Component
public class TrackStore {
    private static final int MOST_CACHED = 32;

    private final TrackMapper mapper;

    /** The newest tracks, so that an edit need not read 6,000 words; trusted only at the database's own version. */
    private final Map<String, StoredTrack> newest = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, StoredTrack> eldest) {
            return size() > MOST_CACHED;
        }
    });

    TrackStore(TrackMapper mapper) {
        this.mapper = mapper;
    }

    void create(String clipId, Track track) {
        mapper.add(row(clipId, 0, track));
        if (!track.cues().isEmpty()) {
            String cues = Json.write(track.cues());
            mapper.addCues(clipId, 0, cues);
            mapper.addWords(clipId, cues);
        }
    }

    public StoredTrack get(String clipId) {
        return load(found(mapper.find(clipId)));
    }

    /**
     * Makes a change and writes it into the history.
     *
     * @param version the track's version that the change was made on; -1 for work that is to go on top of the newest
     * @throws StaleException when the track has moved on
     */
    @Transactional
    public StoredChange change(String clipId, long version, Function<Track, String> said, UnaryOperator<Track> change) {
        StoredTrack present = locked(clipId, version);
        Track after = change.apply(present.track());
        if (after.equals(present.track())) {
            return new StoredChange(present, present);
        }
        Change difference = Change.between(present.track(), after);
        mapper.forgetUndone(clipId);
        mapper.addEdit(clipId, said.apply(present.track()), Json.write(difference));
        return write(present, difference, after);
    }

    /**
     * Does one's own last change anew, as one step of the history. When the track has been changed by others since, it
     * becomes a change of its own.
     *
     * @param mine the state that the last change left, or null for a first change
     * @param original the track before that change
     */
    @Transactional
    public StoredChange amend(
            String clipId,
            StoredTrack mine,
            Track original,
            Function<Track, String> said,
            UnaryOperator<Track> change) {
        StoredTrack present = locked(clipId, -1);
        if (mine == null || present.version() != mine.version()) {
            return change(clipId, -1, said, change);
        }
        Track after = change.apply(original);
        EditRow last = mapper.lastDone(clipId);
        mapper.forget(clipId, last.seq());
        mapper.addEdit(clipId, said.apply(original), Json.write(Change.between(original, after)));
        return write(present, Change.between(present.track(), after), after);
    }

    @Transactional
    public StoredChange undo(String clipId, long version) {
        StoredTrack present = locked(clipId, version);
        EditRow last = mapper.lastDone(clipId);
        if (last == null) {
            throw new RefusedEditException("There is nothing to undo.");
        }
        mapper.markUndone(clipId, last.seq(), true);
        Change back = Json.read(last.change(), Change.class, "history entry").reversed();
        return write(present, back, back.applyTo(present.track()));
    }

    @Transactional
    public StoredChange redo(String clipId, long version) {
        StoredTrack present = locked(clipId, version);
        EditRow next = mapper.firstUndone(clipId);
        if (next == null) {
            throw new RefusedEditException("There is nothing to redo.");
        }
        mapper.markUndone(clipId, next.seq(), false);
        Change again = Json.read(next.change(), Change.class, "history entry");
        return write(present, again, again.applyTo(present.track()));
    }

    private StoredTrack locked(String clipId, long version) {
        StoredTrack present = load(found(mapper.lock(clipId)));
        if (version >= 0 && version != present.version()) {
            throw new StaleException();
        }
        return present;
    }

    private StoredChange write(StoredTrack present, Change change, Track after) {
        String clipId = present.clipId();
        int removed = change.removed().size();
        int added = change.added().size();
        if (removed > 0) {
            mapper.removeCues(clipId, change.from(), change.from() + removed);
        }
        if (added != removed) {
            mapper.moveCues(clipId, change.from() + removed, added - removed);
        }
        if (added > 0) {
            String cues = Json.write(change.added());
            mapper.addCues(clipId, change.from(), cues);
            mapper.addWords(clipId, cues);
        }
        mapper.update(row(clipId, present.version() + 1, after));
        StoredTrack stored = new StoredTrack(clipId, present.version() + 1, after, steps(clipId));
        newest.put(clipId, stored);
        return new StoredChange(present, stored);
    }

    private StoredTrack load(TrackRow row) {
        StoredTrack known = newest.get(row.clipId());
        if (known != null && known.version() == row.version()) {
            return known;
        }
        List<Cue> cues = new ArrayList<>();
        List<Word> words = new ArrayList<>();
        WordRow open = null;
        for (WordRow word : mapper.words(row.clipId())) {
            if (open != null && open.cueId() != word.cueId()) {
                cues.add(cue(open, words));
                words.clear();
            }
            open = word;
            words.add(new Word(
                    word.id(),
                    word.text(),
                    word.startMs(),
                    word.endMs(),
                    Math.round(word.confidence() * 1e6) / 1e6,
                    WordSource.valueOf(word.source()),
                    word.emphasis(),
                    Pin.valueOf(word.pin())));
        }
        if (open != null) {
            cues.add(cue(open, words));
        }
        Track track = new Track(
                row.language(),
                Json.read(row.recipe(), Recipe.class, "recipe"),
                row.style(),
                Json.read(row.frame(), Frame.class, "frame"),
                cues,
                row.nextId(),
                Json.read(row.beside(), Beside.class, "track"));
        StoredTrack stored = new StoredTrack(row.clipId(), row.version(), track, steps(row.clipId()));
        newest.put(row.clipId(), stored);
        return stored;
    }

    private Steps steps(String clipId) {
        Steps steps = mapper.steps(clipId);
        // MyBatis gives no record for a row of nulls.
        return steps == null ? new Steps(null, null) : steps;
    }

    private static Cue cue(WordRow row, List<Word> words) {
        List<Integer> lineStarts = row.lineStarts().isEmpty()
                ? List.of()
                : Arrays.stream(row.lineStarts().split(" "))
                        .map(Integer::valueOf)
                        .toList();
        boolean given = row.showMs() != null || row.hideMs() != null || row.settings() != null;
        return new Cue(
                row.cueId(),
                words,
                lineStarts,
                row.locked(),
                given ? new CueGiven(row.showMs(), row.hideMs(), row.settings()) : null);
    }

    private static TrackRow row(String clipId, long version, Track track) {
        return new TrackRow(
                clipId,
                version,
                track.language(),
                track.style(),
                Json.write(track.recipe()),
                Json.write(track.frame()),
                track.nextId(),
                Json.write(track.beside()));
    }

    private static TrackRow found(TrackRow row) {
        if (row == null) {
            throw new NotFoundException("That clip is not here any more.");
        }
        return row;
    }
}
