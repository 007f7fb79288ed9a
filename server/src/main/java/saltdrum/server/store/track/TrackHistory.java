package saltdrum.server.store.track;

import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Track;
import saltdrum.core.merge.Change;
import saltdrum.core.merge.ConflictingChangeException;
import saltdrum.core.merge.Rebase;
import saltdrum.core.text.Quoted;
import saltdrum.server.store.StaleException;
import saltdrum.server.store.people.Actor;

/** The history of a track, with undo and redo, also of one's own steps below those of others. */
@Component
public class TrackHistory {
    private final TrackMapper mapper;
    private final TrackStore tracks;
    private final Actor actor;

    TrackHistory(TrackMapper mapper, TrackStore tracks, Actor actor) {
        this.mapper = mapper;
        this.tracks = tracks;
        this.actor = actor;
    }

    /**
     * Undoes the caller's last step, or the last one without an author.
     *
     * @throws RefusedEditException if there is none, or if a later step of somebody else changed the same
     */
    public StoredChange undo(String trackId, TrackVersion on) {
        return tracks.carryOut(trackId, on, null, (base, present) -> {
            EditRow last = mapper.lastDoneBy(trackId, actor.personId());
            if (last == null) {
                throw new RefusedEditException("There is nothing to undo.");
            }
            requireSeen(last, base, present);
            boolean inOrder = last.seq() == mapper.lastDone(trackId).seq();
            Track after = replayed(present, last, last.change().reversed(), inOrder);
            return new TrackStore.Plan(after, () -> mapper.markUndone(trackId, last.seq(), true));
        });
    }

    /** See {@link #undo}. */
    public StoredChange redo(String trackId, TrackVersion on) {
        return tracks.carryOut(trackId, on, null, (base, present) -> {
            EditRow next = mapper.firstUndoneBy(trackId, actor.personId());
            if (next == null) {
                throw new RefusedEditException("There is nothing to redo.");
            }
            requireSeen(next, base, present);
            EditRow last = mapper.lastDone(trackId);
            Track after = replayed(present, next, next.change(), last == null || last.seq() < next.seq());
            return new TrackStore.Plan(after, () -> mapper.markUndone(trackId, next.seq(), false));
        });
    }

    /** What somebody else did meanwhile is not taken back unseen: on an older version only one's own steps are undone. */
    private static void requireSeen(EditRow step, StoredTrack base, StoredTrack present) {
        if (base != present && step.personId() == null) {
            throw new StaleException();
        }
    }

    /** @param inOrder whether no later step is done */
    private Track replayed(StoredTrack present, EditRow step, Change change, boolean inOrder) {
        try {
            return inOrder ? Rebase.replayInOrder(present.track(), change) : Rebase.replay(present.track(), change);
        } catch (ConflictingChangeException e) {
            throw new RefusedEditException(over(present.id(), step));
        }
    }

    /** Why a step cannot be taken back or done again. */
    private String over(String trackId, EditRow step) {
        // The earliest later step that depends on it, which has to be undone first.
        EditRow other = null;
        for (EditRow later : mapper.doneAfter(trackId, step.seq())) {
            other = later.change().overlaps(step.change()) ? later : other;
        }
        String what = Quoted.of(step.said());
        return other == null
                ? what + " cannot be undone or redone alone: what it changed was changed again. Nothing was changed."
                : what + " was changed again later, by " + (other.by() == null ? "" : other.by() + " with ")
                        + Quoted.of(other.said()) + ". Undo that first; nothing was changed.";
    }

    /** All steps, the oldest first. */
    public List<HistoryRow> history(String trackId) {
        return mapper.history(trackId);
    }

    /** What undo and redo would do for the caller. */
    public UndoSteps steps(String trackId) {
        UndoSteps steps = mapper.steps(trackId, actor.personId());
        // MyBatis gives no record for a row of nulls.
        return steps == null ? new UndoSteps(null, null) : steps;
    }

    /** Undoes or redoes steps of any author until {@code seq} is the last applied one; 0 undoes all. */
    public StoredChange goTo(String trackId, TrackVersion on, long seq) {
        return tracks.carryOut(trackId, on, null, (base, present) -> {
            if (base != present) {
                throw new StaleException();
            }
            List<EditRow> back = mapper.doneAfter(trackId, seq);
            List<EditRow> again = mapper.undoneUpTo(trackId, seq);
            if (back.isEmpty() && again.isEmpty()) {
                return null;
            }
            StoredTrack after = present;
            for (EditRow row : back) {
                after = after.with(replayed(after, row, row.change().reversed(), true));
            }
            for (EditRow row : again) {
                after = after.with(replayed(after, row, row.change(), true));
            }
            return new TrackStore.Plan(after.track(), () -> {
                back.forEach(row -> mapper.markUndone(trackId, row.seq(), true));
                again.forEach(row -> mapper.markUndone(trackId, row.seq(), false));
            });
        });
    }
}
