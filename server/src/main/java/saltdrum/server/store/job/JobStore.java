package saltdrum.server.store.job;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Set;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.RefusedEditException;
import saltdrum.core.delivery.Pace;
import saltdrum.media.output.Receipt;
import saltdrum.media.pieces.PieceList;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.OpaqueIds;

/** Stores jobs and their states; it does not run them. */
@Component
public class JobStore {
    private static final int MOST_KEPT_FILMS = 40;
    private static final int RENDERS_OF_A_PACE = 15;

    private final JobMapper mapper;

    public JobStore(JobMapper mapper) {
        this.mapper = mapper;
    }

    public JobRow add(String clipId, JobKind kind, String workOrder) {
        String id = OpaqueIds.fresh();
        try {
            mapper.add(id, clipId, kind, workOrder);
        } catch (DuplicateKeyException e) {
            throw new RefusedEditException(
                    kind == JobKind.MEASURE
                            ? "The clip is already being measured."
                            : "A job is already getting the words of this clip. Wait for it, or stop it first.");
        }
        return mapper.find(id);
    }

    public JobRow get(String id) {
        JobRow job = mapper.find(id);
        if (job == null) {
            throw new NotFoundException("That job no longer exists.");
        }
        return job;
    }

    public List<JobRow> ofClip(String clipId) {
        return mapper.ofClip(clipId);
    }

    /** Begins another attempt. @return null where it may not run: it was stopped, or is done */
    public Attempt begin(String id) {
        return mapper.begin(id);
    }

    public void progress(Attempt attempt, double progress, String message) {
        mapper.progress(attempt, Math.min(1, Math.max(0, progress)), message);
    }

    /** Records that a draft is in the track up to there; its last history step covers this stretch. */
    public void heard(Attempt attempt, int fromMs, int toMs) {
        mapper.heard(attempt, fromMs, toMs);
    }

    public void receipt(Attempt attempt, Receipt receipt) {
        mapper.receipt(attempt, receipt);
    }

    /**
     * Writes what an attempt made, in one transaction with the look whether it still is the last.
     *
     * @throws SupersededAttemptException when a later one has begun; nothing is written
     */
    @Transactional
    public void write(Attempt attempt, Runnable what) {
        if (!mapper.isLast(attempt)) {
            throw new SupersededAttemptException();
        }
        what.run();
    }

    /** @throws NotFoundException where none was made */
    public Receipt receipt(String id) {
        Receipt receipt = mapper.receiptOf(get(id).id());
        if (receipt == null) {
            throw new NotFoundException("This job has no receipt.");
        }
        return receipt;
    }

    /** @return false when a later attempt has begun, whose end counts */
    public boolean finish(Attempt attempt, JobState state, String message, String outputHash, String outputName) {
        return mapper.finish(attempt, state, message, outputHash, outputName) == 1;
    }

    /** What a tool said last before it failed. */
    public void toolLines(Attempt attempt, String lines) {
        mapper.toolLines(attempt, lines);
    }

    /** The usual ratio of actual to sampled render time on this machine. */
    public double pace() {
        return Pace.of(mapper.paces(RENDERS_OF_A_PACE));
    }

    /** Those of a clip of which there is more to come. */
    public List<String> openOf(String clipId) {
        return mapper.openOf(clipId);
    }

    /** The work order, as JSON, of the newest finished output that shows the clip's own captions; null for none. */
    public String lastDelivered(String clipId) {
        return mapper.lastDelivered(clipId);
    }

    public void stop(String id) {
        mapper.stop(id);
    }

    /** It was asked to stop, and is. */
    public void stopped(String id) {
        mapper.stopped(id);
    }

    /** Takes it out of the queue until it is released. @return whether it still waited */
    public boolean hold(String id) {
        return mapper.hold(id) == 1;
    }

    /** Held, failed or stopped work waits again. @return whether it was that */
    public boolean release(String id) {
        return mapper.release(id) == 1;
    }

    public void pieces(Attempt attempt, PieceList pieces) {
        mapper.pieces(attempt, pieces);
    }

    /** Finished films of a clip that say what they are made of, the newest first. */
    public List<KeptFilm> keptFilms(String clipId) {
        return mapper.keptFilms(clipId, MOST_KEPT_FILMS);
    }

    /** Those of which there is more to come. */
    public Set<String> open() {
        return Set.copyOf(mapper.open());
    }

    /** @return ids of a queue's waiting jobs, the next first */
    public List<String> waiting(String task) {
        return mapper.waiting(task);
    }

    /** Names of a clip's files that are there, or that are still to be made. */
    public List<String> fileNames(String clipId) {
        return mapper.fileNames(clipId);
    }

    /** Before all that is in the queue, be it picked for a moment or not. */
    public void toHead(String task, String id) {
        mapper.toHead(task, id);
    }

    @Transactional
    public void reorder(String task, List<String> ids) {
        OffsetDateTime first = mapper.firstPlace(task);
        for (int i = 0; i < ids.size() && first != null; i++) {
            mapper.takePlace(task, ids.get(i), first, i);
        }
    }

    public void remove(String id) {
        if (mapper.remove(id) == 0) {
            throw new NotFoundException("That render is still being made or no longer exists. Stop it first.");
        }
    }

    /** Whether an attempt has nothing more to do: the job was stopped or removed, or a later attempt has begun. */
    public boolean stopping(Attempt attempt) {
        return !Boolean.TRUE.equals(mapper.goesOn(attempt));
    }

    /** Names of workers that hold jobs, including dead ones. */
    public List<String> pickers() {
        return mapper.pickers();
    }

    /** After a crash: what this worker had picked is free to be picked again. */
    public int releasePicked(String worker) {
        return mapper.releasePicked(worker);
    }

    /** Stops jobs that were asked to stop and that no worker holds any more. */
    public int stopAbandoned() {
        return mapper.stopAbandoned();
    }

    /** Jobs that wait or run but are in no queue. */
    public List<String> lost() {
        return mapper.lost();
    }
}
