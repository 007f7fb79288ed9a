package saltdrum.server.api.review;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.server.access.Caller;
import saltdrum.server.api.Audited;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.review.ReviewRow;
import saltdrum.server.store.review.ReviewStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.WorkOrder;

/** Review links and remarks, for designers. */
@Tag(name = "reviews")
@RestController
@RequestMapping("/api")
class ReviewController {
    private static final int MOST_DAYS = 90;
    private static final int MOST_NOTE = 1000;

    private final ClipStore clips;
    private final TrackStore tracks;
    private final JobStore jobs;
    private final ReviewStore reviews;
    private final Caller caller;

    ReviewController(ClipStore clips, TrackStore tracks, JobStore jobs, ReviewStore reviews, Caller caller) {
        this.clips = clips;
        this.tracks = tracks;
        this.jobs = jobs;
        this.reviews = reviews;
        this.caller = caller;
    }

    @Operation(summary = "What was handed out of a clip, the newest first, and what was said to it")
    @GetMapping("/clips/{clipId}/reviews")
    List<ReviewView> ofClip(@PathVariable String clipId) {
        return reviews.ofClip(clips.get(clipId).id()).stream().map(this::view).toList();
    }

    /**
     * @param jobId of the film to show; null for the live stage
     * @param language of the translation on that stage; null for the clip's own words
     * @param days until the link expires
     * @param note a message to the client
     */
    record ReviewRequest(@MayBeMissing String jobId, @MayBeMissing String language, int days, @MayBeMissing String note)
            implements FromOutside {}

    @Audited("Made a review link")
    @Operation(summary = "Makes a link by which a client sees a film or the stage, and nothing else")
    @PostMapping("/clips/{clipId}/reviews")
    ReviewView show(@PathVariable String clipId, @RequestBody ReviewRequest request) {
        clips.get(clipId);
        if (request.days() < 1 || request.days() > MOST_DAYS) {
            throw new BadInputException("A link is valid for 1 to " + MOST_DAYS + " days.");
        }
        String note = request.note() == null ? "" : request.note().strip();
        if (note.length() > MOST_NOTE) {
            throw new BadInputException("A message to the client has at most " + MOST_NOTE + " letters.");
        }
        String language = request.language();
        if (request.jobId() != null) {
            language = otherLanguage(clipId, film(clipId, request.jobId()));
        } else if (language != null) {
            tracks.shown(clipId, language);
        }
        return view(reviews.show(clipId, request.jobId(), language, note, request.days(), caller.name()));
    }

    /** A film that can be looked at. */
    private WorkOrder.Render film(String clipId, String jobId) {
        JobRow job = jobs.get(jobId);
        if (job.isFilm()
                && job.clipId().equals(clipId)
                && WorkOrder.FORM.read(job.workOrder()) instanceof WorkOrder.Render render) {
            return render;
        }
        throw new BadInputException("Only a finished film (.mp4) of this clip can be shown.");
    }

    /** Words of a translation are others than those of the clip. @return null for the clip's own */
    private String otherLanguage(String clipId, WorkOrder.Render film) {
        String spoken = film.track().language();
        return spoken.equals(tracks.get(clipId).track().language()) ? null : spoken;
    }

    record NextRequest(String jobId) implements FromOutside {}

    @Operation(summary = "The same link shows another film from now on")
    @PutMapping("/reviews/{reviewId}/film")
    ReviewView showNext(@PathVariable String reviewId, @RequestBody NextRequest request) {
        ReviewRow review = reviews.get(reviewId);
        if (review.shows() == ReviewRow.Shows.STAGE) {
            throw new BadInputException("This link shows the stage, which is always the newest.");
        }
        WorkOrder.Render film = film(review.clipId(), request.jobId() == null ? "" : request.jobId());
        String language = otherLanguage(review.clipId(), film);
        return view(reviews.showNext(reviewId, request.jobId(), language));
    }

    @Audited("Made another review link")
    @Operation(summary = "Makes another link to the same; the one before shows nothing any more")
    @PostMapping("/reviews/{reviewId}/link")
    ReviewView relink(@PathVariable String reviewId) {
        return view(reviews.relink(reviewId));
    }

    @Audited("Withdrew a review link")
    @Operation(summary = "A link shows nothing any more; what was said to it stays")
    @PostMapping("/reviews/{reviewId}/withdraw")
    ReviewView withdraw(@PathVariable String reviewId) {
        return view(reviews.withdraw(reviewId));
    }

    record SettledRequest(boolean settled) implements FromOutside {}

    @Operation(summary = "Settles what a client said, or opens it again")
    @PutMapping("/remarks/{remarkId}/settled")
    ReviewView.RemarkView settle(@PathVariable long remarkId, @RequestBody SettledRequest request) {
        return ReviewView.RemarkView.of(reviews.settle(remarkId, request.settled(), caller.name()));
    }

    private ReviewView view(ReviewRow row) {
        String fileName = row.jobId() == null ? null : jobs.get(row.jobId()).outputName();
        return ReviewView.of(
                row,
                reviews.token(row),
                fileName,
                reviews.remarks(row.id()),
                tracks.get(row.clipId()).track());
    }
}
