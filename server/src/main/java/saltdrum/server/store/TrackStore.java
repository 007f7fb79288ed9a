package saltdrum.server.store;

import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.core.Json;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Track;
import saltdrum.core.delivery.WorkStep;
import saltdrum.core.edit.Change;
import saltdrum.core.edit.Edit;
import saltdrum.core.translation.Translation;

/** Tracks and their history. A change names the version it was made on; an older one is refused, never merged. */
@Component
public class TrackStore {
    private final TrackMapper mapper;
    private final JobMapper jobs;

    private final NewestTracks newest = new NewestTracks();
    private final TransactionTemplate writing;

    TrackStore(TrackMapper mapper, JobMapper jobs, PlatformTransactionManager transactions) {
        this.jobs = jobs;
        this.mapper = mapper;
        this.writing = new TransactionTemplate(transactions);
    }

    /** The clip's translation into a language, made empty where there is none. */
    public StoredTrack openTranslation(String clipId, String language) {
        String id = translationId(clipId, language);
        if (mapper.find(id) == null) {
            TrackRow empty = TrackRows.row(id, 0, Translation.empty(get(clipId).track(), language));
            try {
                writing.executeWithoutResult(status -> mapper.add(id, clipId, true, empty));
            } catch (DuplicateKeyException alreadyThere) {
                return get(id);
            }
        }
        // What is read here is remembered, so it has to be written for good.
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
                stored.id(),
                stored.incarnation(),
                stored.version(),
                Translation.over(first.track(), stored.track()),
                stored.steps());
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
        TrackRow row = found(mapper.find(trackId));
        StoredTrack known = newest.get(row.id());
        if (known != null && same(known, row)) {
            return known;
        }
        StoredTrack stored = load(row);
        newest.put(trackId, stored);
        return stored;
    }

    /**
     * What a change comes to, worked out while no connection is held.
     *
     * @param history writes it down
     */
    private record Plan(Change change, Track after, Runnable history) {}

    /**
     * Works a change out on the newest track and writes it if that still is the newest; else it is worked out again, or
     * refused where it was made on a certain version. Nobody waits for another's edit longer than that takes to write.
     *
     * @param on what the change was made on
     * @param plan gives null where nothing is to be changed
     * @throws StaleException when the track has moved on
     */
    private StoredChange carryOut(String trackId, TrackVersion on, Function<StoredTrack, Plan> plan) {
        return carryOut(trackId, on, null, plan);
    }

    /** @param by the piece of work whose change it is; null for a person's */
    private StoredChange carryOut(String trackId, TrackVersion on, Attempt by, Function<StoredTrack, Plan> plan) {
        while (true) {
            StoredTrack present = get(trackId);
            if (!on.isNewest() && !on.isOf(present)) {
                throw new StaleException();
            }
            Plan planned = plan.apply(present);
            if (planned == null) {
                return new StoredChange(present, present);
            }
            String cues = Json.write(planned.change.added());
            TrackRow row = TrackRows.row(trackId, present.version() + 1, planned.after);
            StoredTrack written = writing.execute(status -> {
                if (by != null && !jobs.isLast(by)) {
                    throw new SupersededAttemptException();
                }
                if (!same(present, found(mapper.lock(trackId)))) {
                    return null;
                }
                planned.history.run();
                write(row, planned.change, cues);
                return new StoredTrack(trackId, present.incarnation(), row.version(), planned.after, steps(trackId));
            });
            if (written != null) {
                newest.put(trackId, written);
                return new StoredChange(present, written);
            }
            if (!on.isNewest()) {
                throw new StaleException();
            }
        }
    }

    /**
     * Makes a change and writes it into the history.
     *
     * @param on what the change was made on
     * @throws StaleException when the track has moved on
     */
    public StoredChange change(
            String trackId, TrackVersion on, Function<Track, String> said, UnaryOperator<Track> change) {
        return change(trackId, on, null, said, change);
    }

    /**
     * Makes a piece of work's change on top of the newest.
     *
     * @throws SupersededAttemptException when a later attempt at the work has begun
     */
    public StoredChange change(String trackId, Attempt by, Function<Track, String> said, UnaryOperator<Track> change) {
        return change(trackId, TrackVersion.NEWEST, by, said, change);
    }

    private StoredChange change(
            String trackId, TrackVersion on, Attempt by, Function<Track, String> said, UnaryOperator<Track> change) {
        return carryOut(trackId, on, by, present -> {
            Track after = change.apply(present.track());
            if (after.equals(present.track())) {
                return null;
            }
            Change difference = Change.between(present.track(), after);
            return new Plan(difference, after, step(trackId, said.apply(present.track()), difference, null));
        });
    }

    /** An edit, which says itself in the history. See {@link #change(String, TrackVersion, Function, UnaryOperator)}. */
    public StoredChange change(String trackId, TrackVersion on, Edit edit) {
        return change(trackId, on, edit::said, edit::on);
    }

    private Runnable step(String trackId, String said, Change change, String jobId) {
        // Written out before the transaction begins.
        String json = Forms.CHANGE.write(change);
        WorkStep part = WorkStep.of(change);
        return () -> {
            mapper.forgetUndone(trackId);
            mapper.addEdit(trackId, said, json, part, jobId);
        };
    }

    /**
     * Makes a piece of work's change, or makes its last one anew: all that it does is one step of the history as long as
     * nobody else has changed the track.
     *
     * @throws SupersededAttemptException when a later attempt at the work has begun
     */
    public StoredChange amend(String trackId, Attempt by, Function<Track, String> said, JobChange change) {
        String jobId = by.jobId();
        return carryOut(trackId, TrackVersion.NEWEST, by, present -> {
            EditRow last = mapper.lastDone(trackId);
            boolean anew = last != null && jobId.equals(last.jobId());
            Track original = anew ? last.change().reversed().applyTo(present.track()) : present.track();
            Track after = change.of(original, anew);
            if (after.equals(present.track())) {
                return null;
            }
            Runnable step = step(trackId, said.apply(original), Change.between(original, after), jobId);
            return new Plan(Change.between(present.track(), after), after, () -> {
                if (anew) {
                    mapper.forget(trackId, last.seq());
                }
                step.run();
            });
        });
    }

    /** What a look for findings came to; of an older version it says nothing. */
    public void looked(String trackId, long version, int open) {
        mapper.looked(trackId, version, open);
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

    public StoredChange undo(String trackId, TrackVersion on) {
        return carryOut(trackId, on, present -> {
            EditRow last = mapper.lastDone(trackId);
            if (last == null) {
                throw new RefusedEditException("There is nothing to undo.");
            }
            Change back = last.change().reversed();
            return new Plan(back, back.applyTo(present.track()), () -> mapper.markUndone(trackId, last.seq(), true));
        });
    }

    public StoredChange redo(String trackId, TrackVersion on) {
        return carryOut(trackId, on, present -> {
            EditRow next = mapper.firstUndone(trackId);
            if (next == null) {
                throw new RefusedEditException("There is nothing to redo.");
            }
            Change again = next.change();
            return new Plan(again, again.applyTo(present.track()), () -> mapper.markUndone(trackId, next.seq(), false));
        });
    }

    /** All steps, the oldest first. */
    public List<HistoryRow> history(String trackId) {
        return mapper.history(trackId);
    }

    /** Undoes or does again until the step {@code seq} is the last that is done; 0 undoes all. */
    public StoredChange goTo(String trackId, TrackVersion on, long seq) {
        return carryOut(trackId, on, present -> {
            List<EditRow> back = mapper.doneAfter(trackId, seq);
            List<EditRow> again = mapper.undoneUpTo(trackId, seq);
            if (back.isEmpty() && again.isEmpty()) {
                return null;
            }
            Track after = present.track();
            for (EditRow row : back) {
                after = row.change().reversed().applyTo(after);
            }
            for (EditRow row : again) {
                after = row.change().applyTo(after);
            }
            return new Plan(Change.between(present.track(), after), after, () -> {
                back.forEach(row -> mapper.markUndone(trackId, row.seq(), true));
                again.forEach(row -> mapper.markUndone(trackId, row.seq(), false));
            });
        });
    }

    private void write(TrackRow row, Change change, String cues) {
        int removed = change.removed().size();
        int added = change.added().size();
        if (removed > 0) {
            mapper.removeCues(row.id(), change.from(), change.from() + removed);
        }
        if (added != removed) {
            mapper.moveCues(row.id(), change.from() + removed, added - removed);
        }
        if (added > 0) {
            mapper.addCues(row.id(), change.from(), cues);
            mapper.addWords(row.id(), cues);
        }
        mapper.update(row);
    }

    /** Its words and steps are of the row's version when that still is the newest after they were read. */
    private StoredTrack load(TrackRow first) {
        TrackRow row = first;
        while (true) {
            List<WordRow> words = mapper.words(row.id());
            StoredTrack read = new StoredTrack(
                    row.id(), row.incarnation(), row.version(), TrackRows.track(row, words), steps(row.id()));
            row = found(mapper.find(row.id()));
            if (same(read, row)) {
                return read;
            }
        }
    }

    private static boolean same(StoredTrack known, TrackRow row) {
        return known.version() == row.version() && known.incarnation().equals(row.incarnation());
    }

    private Steps steps(String trackId) {
        Steps steps = mapper.steps(trackId);
        // MyBatis gives no record for a row of nulls.
        return steps == null ? new Steps(null, null) : steps;
    }

    private static TrackRow found(TrackRow row) {
        if (row == null) {
            throw new NotFoundException("That clip is not here any more.");
        }
        return row;
    }
}
