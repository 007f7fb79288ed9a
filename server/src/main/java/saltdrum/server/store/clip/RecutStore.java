package saltdrum.server.store.clip;

import org.springframework.stereotype.Component;
import saltdrum.core.recut.CarryOver;
import saltdrum.core.recut.CarryOverResult;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.store.RepeatableRead;
import saltdrum.server.store.job.Attempt;
import saltdrum.server.store.job.JobMapper;
import saltdrum.server.store.job.SupersededAttemptException;

/** Stores new footage for clips that keep their captions. */
@Component
public class RecutStore {
    private final RecutMapper recuts;
    private final JobMapper jobs;
    private final ClipStore clips;
    private final RepeatableRead repeatableRead;

    RecutStore(RecutMapper recuts, JobMapper jobs, ClipStore clips, RepeatableRead repeatableRead) {
        this.jobs = jobs;
        this.repeatableRead = repeatableRead;
        this.recuts = recuts;
        this.clips = clips;
    }

    /** The footage waits until it is known where the words are in it; the clip is as it was. */
    public void offer(String clipId, String mediaHash, ClipInfo info, String fileName) {
        recuts.offer(clipId, mediaHash, info, fileName);
    }

    /** Null where there is none. */
    public RecutRow find(String clipId) {
        return recuts.find(clipId);
    }

    /**
     * Puts the footage in place and archives the old clip as a copy.
     *
     * @throws SupersededAttemptException if a later attempt at this work has begun
     */
    public void takePlace(Attempt by, RecutRow offered, String beforeName, CarryOver carry, CarryOverResult carried) {
        repeatableRead.run(() -> {
            if (!jobs.isLast(by)) {
                throw new SupersededAttemptException();
            }
            ClipRow before = clips.copy(offered.clipId(), beforeName);
            clips.archive(before.id(), true);
            recuts.takePlace(offered.clipId(), offered.mediaHash(), offered.info());
            recuts.forgetMeasured(offered.clipId());
            recuts.anotherVersion(offered.clipId());
            recuts.done(offered.clipId(), before.id(), carry, carried);
            return before;
        });
    }

    /** Dismisses the report about the words. */
    public void forget(String clipId) {
        recuts.forget(clipId, true);
    }

    /** What was offered does not take its place, and need not be kept. */
    public void refuse(String clipId) {
        recuts.forget(clipId, false);
    }
}
