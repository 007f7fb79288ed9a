package saltdrum.server.store.track;

import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.core.Json;
import saltdrum.core.check.NeededLook;
import saltdrum.core.cue.Track;
import saltdrum.core.delivery.WorkStep;
import saltdrum.core.edit.Edit;
import saltdrum.core.merge.Change;
import saltdrum.core.merge.ConflictingChangeException;
import saltdrum.core.merge.Rebase;
import saltdrum.core.translation.Translation;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.StaleException;
import saltdrum.server.store.StoredForms;
import saltdrum.server.store.job.Attempt;
import saltdrum.server.store.job.JobChange;
import saltdrum.server.store.job.JobMapper;
import saltdrum.server.store.job.SupersededAttemptException;
import saltdrum.server.store.people.Actor;

/**
 * Tracks, and every change of them as a step of their {@linkplain TrackHistory history}. A change names the version it was made on. Where that is not the newest any more, it is carried
 * over what came since, or refused when both changed the same.
 */
@Component
public class TrackStore {
    /** So many versions back a change can have been made on. */
    private static final int VERSIONS_KEPT = 200;

    private final TrackMapper mapper;
    private final JobMapper jobs;
    private final Actor actor;
    private final TrackFitting fitting;

    private final TrackCache newest = new TrackCache();
    private final TransactionTemplate writing;

    TrackStore(
            TrackMapper mapper,
            JobMapper jobs,
            Actor actor,
            TrackFitting fitting,
            PlatformTransactionManager transactions) {
        this.actor = actor;
        this.fitting = fitting;
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

    /** The first track, or a translation over it. @param language null for the first track */
    public StoredTrack shown(String clipId, String language) {
        StoredTrack first = get(clipId);
        if (language == null || language.isBlank()) {
            return first;
        }
        StoredTrack stored = get(translationId(clipId, language));
        return new StoredTrack(
                stored.id(), stored.incarnation(), stored.version(), Translation.over(first.track(), stored.track()));
    }

    public static String translationId(String clipId, String language) {
        return clipId + "-" + language;
    }

    static boolean isTranslation(String trackId) {
        return trackId.indexOf('-') >= 0;
    }

    /** Languages of the clip's translations, in order. */
    public List<String> translations(String clipId) {
        return mapper.translations(clipId);
    }

    public void removeTranslation(String clipId, String language) {
        String id = translationId(clipId, language);
        newest.remove(id);
        if (mapper.remove(id) == 0) {
            throw new NotFoundException("That translation no longer exists.");
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
     * The result of a change, computed without holding a connection.
     *
     * @param history writes the history
     */
    record Plan(Track after, Runnable history) {}

    @FunctionalInterface
    interface Planner {
        /**
         * @param base what the change was made on
         * @param present what it is done to
         * @return null where nothing is to be changed
         */
        Plan of(StoredTrack base, StoredTrack present);
    }

    /**
     * Computes a change on the newest track and writes it if that is still the newest; otherwise retries. Locks are
     * held only while writing.
     *
     * @param on the version that the change was made on
     * @param by the work that makes the change; null for a person's
     * @return the track before and after
     * @throws StaleException if it cannot be applied to the newest version
     */
    StoredChange carryOut(String trackId, TrackVersion on, Attempt by, Planner planner) {
        while (true) {
            StoredTrack present = get(trackId);
            StoredTrack base = at(on, present);
            Plan planned = planner.of(base, present);
            if (planned == null) {
                return new StoredChange(base, present);
            }
            Change change = Change.between(present.track(), planned.after);
            String cues = Json.write(change.added());
            String written = StoredForms.CHANGE.write(change);
            TrackRow row = TrackRows.row(trackId, present.version() + 1, planned.after);
            boolean done = Boolean.TRUE.equals(writing.execute(status -> {
                if (by != null && !jobs.isLast(by)) {
                    throw new SupersededAttemptException();
                }
                if (!same(present, found(mapper.lock(trackId)))) {
                    return false;
                }
                planned.history.run();
                write(row, change, cues);
                mapper.addChange(trackId, row.version(), written);
                mapper.forgetChanges(trackId, row.version() - VERSIONS_KEPT);
                return true;
            }));
            if (done) {
                StoredTrack after = new StoredTrack(trackId, present.incarnation(), row.version(), planned.after);
                newest.put(trackId, after);
                return new StoredChange(base, after);
            }
        }
    }

    /** The track as it was at an earlier version. @throws StaleException where that is not known any more */
    private StoredTrack at(TrackVersion on, StoredTrack present) {
        if (on.isNewest() || on.isOf(present)) {
            return present;
        }
        List<Change> since =
                on.isBefore(present) ? mapper.changes(present.id(), on.number(), present.version()) : List.of();
        if (since.isEmpty() || since.size() != present.version() - on.number()) {
            throw new StaleException();
        }
        Track track = present.track();
        for (Change change : since) {
            track = change.reversed().applyTo(track);
        }
        return new StoredTrack(present.id(), present.incarnation(), on.number(), track);
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
        return change(trackId, TrackVersion.NEWEST, by, said, track -> followed(trackId, track, change.apply(track)));
    }

    private StoredChange change(
            String trackId, TrackVersion on, Attempt by, Function<Track, String> said, UnaryOperator<Track> change) {
        return carryOut(trackId, on, by, (base, present) -> {
            Track changed = change.apply(base.track());
            if (changed.equals(base.track())) {
                return null;
            }
            Track after = base == present ? changed : rebased(present, Change.between(base.track(), changed));
            return after.equals(present.track())
                    ? null
                    : new Plan(
                            after,
                            step(trackId, said.apply(base.track()), Change.between(present.track(), after), null));
        });
    }

    private static Track rebased(StoredTrack present, Change change) {
        try {
            return isTranslation(present.id())
                    ? Rebase.ontoTranslation(present.track(), change)
                    : Rebase.onto(present.track(), change);
        } catch (ConflictingChangeException e) {
            throw new StaleException(e.what());
        }
    }

    /** An edit, which says itself in the history. See {@link #change(String, TrackVersion, Function, UnaryOperator)}. */
    public StoredChange change(String trackId, TrackVersion on, Edit edit) {
        return change(trackId, on, edit::said, track -> edited(trackId, track, edit));
    }

    /** The track as it would be after an edit: locked cues look as before, and breaks follow. Nothing is stored. */
    public Track edited(String trackId, Track track, Edit edit) {
        return fitting.edited(trackId, track, edit);
    }

    /** The track with breaks that fit after a change that is not stored. */
    public Track followed(String trackId, Track before, Track after) {
        return fitting.followed(trackId, before, after, null);
    }

    private Runnable step(String trackId, String said, Change change, String jobId) {
        // Written out before the transaction begins.
        String json = StoredForms.CHANGE.write(change);
        WorkStep part = WorkStep.of(change);
        Long personId = actor.personId();
        return () -> {
            mapper.forgetUndone(trackId, personId);
            mapper.addEdit(trackId, said, json, part, jobId, personId);
        };
    }

    /**
     * Applies a change made by background work, or replaces its previous one: all its changes are one step of the
     * history as long as no other person has changed the track.
     *
     * @throws SupersededAttemptException if a later attempt at the work has begun
     */
    public StoredChange amend(String trackId, Attempt by, Function<Track, String> said, JobChange change) {
        return amendAsGiven(trackId, by, said, (track, anew) -> followed(trackId, track, change.of(track, anew)));
    }

    /** The same, with breaks as the change has them. */
    public StoredChange amendAsGiven(String trackId, Attempt by, Function<Track, String> said, JobChange change) {
        String jobId = by.jobId();
        return carryOut(trackId, TrackVersion.NEWEST, by, (base, present) -> {
            EditRow last = mapper.lastDone(trackId);
            boolean anew = last != null
                    && jobId.equals(last.jobId())
                    && last.change().reversed().fits(present.track());
            Track original = anew ? last.change().reversed().applyTo(present.track()) : present.track();
            Track after = change.of(original, anew);
            if (after.equals(present.track())) {
                return null;
            }
            Runnable step = step(trackId, said.apply(original), Change.between(original, after), jobId);
            return new Plan(after, () -> {
                if (anew) {
                    mapper.forget(trackId, last.seq());
                }
                step.run();
            });
        });
    }

    /** Stores what that version needs of a person. */
    public void saveNeeded(String trackId, long version, NeededLook needed) {
        mapper.saveNeeded(trackId, version, needed.all(), needed.unsure());
    }

    /** Other ways to hear some of a track's words. */
    public void keepReadings(String trackId, List<StoredReading> readings) {
        if (!readings.isEmpty()) {
            mapper.addReadings(trackId, Json.write(readings));
        }
    }

    /** The alternatives for a word, or null. They apply only while the word is as recognised. */
    public StoredReading reading(String trackId, long wordId) {
        String json = mapper.reading(trackId, wordId);
        return json == null ? null : Json.read(json, StoredReading.class, "reading");
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

    /** Its words are of the row's version when that still is the newest after they were read. */
    private StoredTrack load(TrackRow first) {
        TrackRow row = first;
        while (true) {
            List<WordRow> words = mapper.words(row.id());
            StoredTrack read = new StoredTrack(row.id(), row.incarnation(), row.version(), TrackRows.track(row, words));
            row = found(mapper.find(row.id()));
            if (same(read, row)) {
                return read;
            }
        }
    }

    private static boolean same(StoredTrack known, TrackRow row) {
        return known.version() == row.version() && known.incarnation().equals(row.incarnation());
    }

    private static TrackRow found(TrackRow row) {
        if (row == null) {
            throw new NotFoundException("That clip no longer exists.");
        }
        return row;
    }
}
