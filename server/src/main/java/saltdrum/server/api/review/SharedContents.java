package saltdrum.server.api.review;

import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.StyleShelf;
import saltdrum.core.word.Word;
import saltdrum.server.access.Caller;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.review.RemarkRow;
import saltdrum.server.store.review.ReviewRow;
import saltdrum.server.store.review.ReviewStore;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.WorkOrder;

/** What the links of reviews show: a film, or the present stage of a clip. */
@Component
class SharedContents {
    private final ReviewStore reviews;
    private final ClipStore clips;
    private final TrackStore tracks;
    private final JobStore jobs;
    private final SceneMaker scenes;
    private final StyleShelf styles;
    private final Caller caller;

    SharedContents(
            ReviewStore reviews,
            ClipStore clips,
            TrackStore tracks,
            JobStore jobs,
            SceneMaker scenes,
            StyleShelf styles,
            Caller caller) {
        this.reviews = reviews;
        this.clips = clips;
        this.tracks = tracks;
        this.jobs = jobs;
        this.scenes = scenes;
        this.styles = styles;
        this.caller = caller;
    }

    SharedView view(ReviewRow review) {
        ClipRow clip = clips.get(review.clipId());
        Shown shown = shown(review);
        List<RemarkRow> remarks = reviews.remarks(review.id());
        return new SharedView(
                clip.name(),
                clip.client(),
                review.shows(),
                review.round(),
                review.note(),
                review.createdBy(),
                caller.name(),
                review.shown().toString(),
                review.expires().toString(),
                clip.info().durationMs(),
                clip.info().frameRate(),
                shown.track.frame().output(clip.info().size()),
                SharedView.cues(shown.track),
                ReviewView.verdict(review.round(), remarks),
                remarks.stream().map(ReviewView.RemarkView::of).toList());
    }

    /** @param version of the stage; 0 for a film, which does not change */
    private record Shown(long version, Track track) {}

    private Shown shown(ReviewRow review) {
        if (review.shows() == ReviewRow.Shows.STAGE) {
            StoredTrack stored = tracks.shown(review.clipId(), review.language());
            return new Shown(stored.version(), stored.track());
        }
        return new Shown(0, ((WorkOrder.Render) WorkOrder.FORM.read(film(review).workOrder())).track());
    }

    JobRow film(ReviewRow review) {
        JobRow job = review.jobId() == null ? null : jobs.get(review.jobId());
        if (job == null || job.outputHash() == null) {
            throw new NotFoundException("This film was removed. Ask the sender of the link for a new one.");
        }
        return job;
    }

    /** The captions that are shown. */
    Track track(ReviewRow review) {
        return shown(review).track;
    }

    /** The present stage; {@code version} is that of its captions. */
    record SharedStage(long version, Frame frame, FrameLayout layout, Scene scene) {}

    /** @throws NotFoundException if the link shows a film */
    SharedStage stage(ReviewRow review) {
        if (review.shows() != ReviewRow.Shows.STAGE) {
            throw new NotFoundException("This link shows a film.");
        }
        Shown shown = shown(review);
        ClipRow clip = clips.get(review.clipId());
        Size size = clip.info().size();
        Frame frame = shown.track.frame();
        return new SharedStage(
                shown.version, frame, frame.layout(size), scenes.make(shown.track, styles.of(shown.track), size));
    }

    Word word(ReviewRow review, long id) {
        return shown(review).track.cues().stream()
                .flatMap(cue -> cue.words().stream())
                .filter(word -> Objects.equals(word.id(), id))
                .findFirst()
                .orElseThrow(() -> new BadInputException("That word no longer exists. Comment on the moment instead."));
    }
}
