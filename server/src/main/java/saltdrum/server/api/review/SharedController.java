package saltdrum.server.api.review;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;
import saltdrum.core.word.Word;
import saltdrum.server.access.Caller;
import saltdrum.server.access.http.CallCounter;
import saltdrum.server.access.http.RateLimit;
import saltdrum.server.api.MediaAnswers;
import saltdrum.server.api.clip.BarsAnswer;
import saltdrum.server.api.people.MemberNames;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.Role;
import saltdrum.server.store.review.NewRemark;
import saltdrum.server.store.review.RemarkRow;
import saltdrum.server.store.review.ReviewRow;
import saltdrum.server.store.review.ReviewStore;

/** The contents of a review link, for anyone who has it. */
@Tag(name = "reviews")
@RestController
@RequestMapping("/api/shared")
public class SharedController {
    private static final int MOST_TEXT = 2000;

    private final SharedContents contents;
    private final ReviewStore reviews;
    private final ClipStore clips;
    private final MediaAnswers videos;
    private final BarsAnswer barsAnswer;
    private final CallCounter throttle;
    private final MemberNames names;
    private final Caller caller;

    SharedController(
            SharedContents contents,
            ReviewStore reviews,
            ClipStore clips,
            MediaAnswers videos,
            BarsAnswer barsAnswer,
            CallCounter throttle,
            MemberNames names,
            Caller caller) {
        this.contents = contents;
        this.reviews = reviews;
        this.clips = clips;
        this.videos = videos;
        this.barsAnswer = barsAnswer;
        this.throttle = throttle;
        this.names = names;
        this.caller = caller;
    }

    /** @param path of its link; missing if it cannot be shown again */
    public record SharedRow(
            @MayBeMissing String path,
            String clip,
            ReviewRow.Shows shows,
            int round,
            String shown,
            @MayBeMissing RemarkRow.Kind verdict) {}

    @Operation(summary = "What the client of the reviewer who asks is shown at present")
    @GetMapping
    List<SharedRow> all() {
        return caller
                .person()
                .filter(person -> person.role() == Role.REVIEWER)
                .map(PersonRow::clientId)
                .map(reviews::openOf)
                .orElse(List.of())
                .stream()
                .map(row -> new SharedRow(
                        ReviewView.path(reviews.token(row)),
                        clips.get(row.clipId()).name(),
                        row.shows(),
                        row.round(),
                        row.shown().toString(),
                        ReviewView.verdict(row.round(), reviews.remarks(row.id()))))
                .toList();
    }

    @Operation(summary = "What a link shows, and what was said to it")
    @GetMapping("/{token}")
    SharedView one(@PathVariable String token, HttpServletRequest http) {
        return contents.view(found(token, http));
    }

    @Hidden
    @GetMapping("/{token}/video")
    ResponseEntity<Resource> video(
            @PathVariable String token, @RequestParam(defaultValue = "false") boolean download, HttpServletRequest http)
            throws IOException {
        ReviewRow review = found(token, http);
        return review.shows() == ReviewRow.Shows.FILM
                ? videos.ofJob(contents.film(review), download, http)
                : videos.ofClip(clips.get(review.clipId()), http);
    }

    @Operation(summary = "The stage that a link shows, to be painted over its clip")
    @GetMapping("/{token}/stage")
    SharedContents.SharedStage stage(@PathVariable String token, HttpServletRequest http) {
        return contents.stage(found(token, http));
    }

    /** What the bars beside the clip show, on that stage. */
    @Hidden
    @GetMapping("/{token}/bars")
    ResponseEntity<byte[]> bars(@PathVariable String token, HttpServletRequest http) {
        ReviewRow review = found(token, http);
        Frame frame = contents.track(review).frame();
        Size output = frame.output(clips.get(review.clipId()).info().size());
        Bars bars = frame.bars();
        if (bars.kind() != Bars.Kind.GRADIENT && bars.kind() != Bars.Kind.PICTURE) {
            throw new NotFoundException("There is no picture beside this clip.");
        }
        return barsAnswer.of(output, frame.barColour(), bars.to(), bars.picture());
    }

    /**
     * @param author name of the author; ignored if signed in
     * @param kind a remark, or a statement about the whole
     * @param atMs moment of a remark
     * @param wordId word that a remark is about; null for none
     */
    record RemarkRequest(
            @MayBeMissing String author,
            @MayBeMissing RemarkRow.Kind kind,
            @MayBeMissing Integer atMs,
            @MayBeMissing Long wordId,
            @MayBeMissing String text)
            implements FromOutside {}

    @Operation(summary = "Says something to what a link shows: at a moment or a word, or about the whole")
    @PostMapping("/{token}/remarks")
    SharedView say(@PathVariable String token, @RequestBody RemarkRequest request, HttpServletRequest http) {
        ReviewRow review = found(token, http);
        RemarkRow.Kind kind = request.kind() == null ? RemarkRow.Kind.REMARK : request.kind();
        String author = caller.person().map(PersonRow::name).orElseGet(() -> names.ofAStranger(request.author()));
        String text = request.text() == null ? "" : request.text().strip();
        if (text.length() > MOST_TEXT) {
            throw new BadInputException("That is longer than " + MOST_TEXT + " letters. Write it as two remarks.");
        }
        Integer atMs = null;
        Word word = null;
        if (kind == RemarkRow.Kind.REMARK) {
            if (text.isEmpty()) {
                throw new BadInputException("The remark is empty.");
            }
            atMs = request.atMs();
            long end = clips.get(review.clipId()).info().durationMs();
            if (atMs == null || atMs < 0 || atMs > end) {
                throw new BadInputException("A remark belongs to a moment of the clip, 0 to " + end + " ms.");
            }
            word = request.wordId() == null ? null : contents.word(review, request.wordId());
        }
        String who = review.id() + " " + http.getRemoteAddr();
        throttle.count(kind == RemarkRow.Kind.REMARK ? RateLimit.REMARK : RateLimit.VERDICT, who);
        if (kind == RemarkRow.Kind.REMARK) {
            throttle.count(RateLimit.REMARKS_OF_ONE, who);
        }
        reviews.say(
                review.id(),
                new NewRemark(
                        kind,
                        atMs,
                        word == null ? null : word.id(),
                        word == null ? null : word.text(),
                        author,
                        caller.person().isPresent(),
                        text));
        return contents.view(review);
    }

    private ReviewRow found(String token, HttpServletRequest http) {
        return throttle.opened(http.getRemoteAddr(), () -> reviews.byToken(token));
    }
}
