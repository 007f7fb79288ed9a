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
import saltdrum.core.edit.Change;
import saltdrum.core.translation.Translation;
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

    /** A clip's first track; its id is the clip's. */
    void create(String clipId, Track track) {
        mapper.add(clipId, clipId, false, row(clipId, 0, track));
        if (!track.cues().isEmpty()) {
            String cues = Json.write(track.cues());
            mapper.addCues(clipId, 0, cues);
            mapper.addWords(clipId, cues);
        }
    }

    /** The clip's translation into a language, made empty where there is none. */
    @Transactional
    public StoredTrack openTranslation(String clipId, String language) {
        String id = translationId(clipId, language);
        if (mapper.find(id) == null) {
            mapper.add(
                    id, clipId, true, row(id, 0, Translation.empty(get(clipId).track(), language)));
        }
        return get(id);
    }

    /** The first track, or a translation as it stands over it. @param language null for the first track */
    public StoredTrack shown(String clipId, String language) {
        StoredTrack first = get(clipId);
        if (language == null || language.isBlank()) {
            return first;
        }
        StoredTrack stored = get(translationId(clipId, language));
        return new StoredTrack(
                stored.id(), stored.version(), Translation.over(first.track(), stored.track()), stored.steps());
    }

    public static String translationId(String clipId, String language) {
        return clipId + "-" + language;
    }

    /** Languages of the clip's translations, in order. */
    public List<String> translations(String clipId) {
        return mapper.translations(clipId);
    }

    public void removeTranslation(String clipId, String language) {
        String id = translationId(clipId, language);
        newest.remove(id);
        if (mapper.remove(id) == 0) {
            throw new NotFoundException("That translation is not here any more.");
        }
    }

    public StoredTrack get(String trackId) {
        return load(found(mapper.find(trackId)));
    }

    /**
     * Makes a change and writes it into the history.
     *
     * @param version the track's version that the change was made on; -1 for work that is to go on top of the newest
     * @throws StaleException when the track has moved on
     */
    @Transactional
    public StoredChange change(
            String trackId, long version, Function<Track, String> said, UnaryOperator<Track> change) {
        StoredTrack present = locked(trackId, version);
        Track after = change.apply(present.track());
        if (after.equals(present.track())) {
            return new StoredChange(present, present);
        }
        Change difference = Change.between(present.track(), after);
        mapper.forgetUndone(trackId);
        mapper.addEdit(trackId, said.apply(present.track()), Json.write(difference), null);
        return write(present, difference, after);
    }

    /** What a piece of work does to a track. @param anew whether it is done over what its last change was made on */
    public interface JobChange {
        Track of(Track track, boolean anew);
    }

    /**
     * Makes a piece of work's change, or makes its last one anew: all that it does is one step of the history as long as
     * nobody else has changed the track.
     */
    @Transactional
    public StoredChange amend(String trackId, String jobId, Function<Track, String> said, JobChange change) {
        StoredTrack present = locked(trackId, -1);
        EditRow last = mapper.lastDone(trackId);
        boolean anew = last != null && jobId.equals(last.jobId());
        Track original = present.track();
        if (anew) {
            original = Json.read(last.change(), Change.class, "history entry")
                    .reversed()
                    .applyTo(original);
        }
        Track after = change.of(original, anew);
        if (after.equals(present.track())) {
            return new StoredChange(present, present);
        }
        if (anew) {
            mapper.forget(trackId, last.seq());
        }
        mapper.forgetUndone(trackId);
        mapper.addEdit(trackId, said.apply(original), Json.write(Change.between(original, after)), jobId);
        return write(present, Change.between(present.track(), after), after);
    }

    /** Other ways to hear some of a track's words. */
    public void keepReadings(String trackId, List<StoredReading> readings) {
        if (!readings.isEmpty()) {
            mapper.addReadings(trackId, Json.write(readings));
        }
    }

    /** Those of a word, or null. They hold only while the word stands as it was heard. */
    public StoredReading reading(String trackId, long wordId) {
        String json = mapper.reading(trackId, wordId);
        return json == null ? null : Json.read(json, StoredReading.class, "reading");
    }

    @Transactional
    public StoredChange undo(String trackId, long version) {
        StoredTrack present = locked(trackId, version);
        EditRow last = mapper.lastDone(trackId);
        if (last == null) {
            throw new RefusedEditException("There is nothing to undo.");
        }
        mapper.markUndone(trackId, last.seq(), true);
        Change back = Json.read(last.change(), Change.class, "history entry").reversed();
        return write(present, back, back.applyTo(present.track()));
    }

    @Transactional
    public StoredChange redo(String trackId, long version) {
        StoredTrack present = locked(trackId, version);
        EditRow next = mapper.firstUndone(trackId);
        if (next == null) {
            throw new RefusedEditException("There is nothing to redo.");
        }
        mapper.markUndone(trackId, next.seq(), false);
        Change again = Json.read(next.change(), Change.class, "history entry");
        return write(present, again, again.applyTo(present.track()));
    }

    /** All steps, the oldest first. */
    public List<HistoryRow> history(String trackId) {
        return mapper.history(trackId);
    }

    /** Undoes or does again until the step {@code seq} is the last that is done; 0 undoes all. */
    @Transactional
    public StoredChange goTo(String trackId, long version, long seq) {
        StoredTrack present = locked(trackId, version);
        Track after = present.track();
        for (EditRow last = mapper.lastDone(trackId); last != null && last.seq() > seq; ) {
            mapper.markUndone(trackId, last.seq(), true);
            after = Json.read(last.change(), Change.class, "history entry")
                    .reversed()
                    .applyTo(after);
            last = mapper.lastDone(trackId);
        }
        for (EditRow next = mapper.firstUndone(trackId); next != null && next.seq() <= seq; ) {
            mapper.markUndone(trackId, next.seq(), false);
            after = Json.read(next.change(), Change.class, "history entry").applyTo(after);
            next = mapper.firstUndone(trackId);
        }
        if (after == present.track()) {
            return new StoredChange(present, present);
        }
        return write(present, Change.between(present.track(), after), after);
    }

    private StoredTrack locked(String trackId, long version) {
        StoredTrack present = load(found(mapper.lock(trackId)));
        if (version >= 0 && version != present.version()) {
            throw new StaleException();
        }
        return present;
    }

    private StoredChange write(StoredTrack present, Change change, Track after) {
        String trackId = present.id();
        int removed = change.removed().size();
        int added = change.added().size();
        if (removed > 0) {
            mapper.removeCues(trackId, change.from(), change.from() + removed);
        }
        if (added != removed) {
            mapper.moveCues(trackId, change.from() + removed, added - removed);
        }
        if (added > 0) {
            String cues = Json.write(change.added());
            mapper.addCues(trackId, change.from(), cues);
            mapper.addWords(trackId, cues);
        }
        mapper.update(row(trackId, present.version() + 1, after));
        StoredTrack stored = new StoredTrack(trackId, present.version() + 1, after, steps(trackId));
        newest.put(trackId, stored);
        return new StoredChange(present, stored);
    }

    private StoredTrack load(TrackRow row) {
        StoredTrack known = newest.get(row.id());
        if (known != null && known.version() == row.version()) {
            return known;
        }
        List<Cue> cues = new ArrayList<>();
        List<Word> words = new ArrayList<>();
        WordRow open = null;
        for (WordRow word : mapper.words(row.id())) {
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
                Json.read(row.beside(), Beside.class, "track"),
                row.lengthMs() == null ? Track.NO_END : row.lengthMs());
        StoredTrack stored = new StoredTrack(row.id(), row.version(), track, steps(row.id()));
        newest.put(row.id(), stored);
        return stored;
    }

    private Steps steps(String trackId) {
        Steps steps = mapper.steps(trackId);
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

    private static TrackRow row(String trackId, long version, Track track) {
        return new TrackRow(
                trackId,
                version,
                track.language(),
                track.style(),
                Json.write(track.recipe()),
                Json.write(track.frame()),
                track.nextId(),
                Json.write(track.beside()),
                track.lengthMs());
    }

    private static TrackRow found(TrackRow row) {
        if (row == null) {
            throw new NotFoundException("That clip is not here any more.");
        }
        return row;
    }
}
