package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.Policy;
import saltdrum.core.edit.ReplaceWords;
import saltdrum.core.style.StyleShelf;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.JobRow;
import saltdrum.server.store.JobStore;
import saltdrum.server.store.MediaStore;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.TrackStore;
import saltdrum.server.work.WorkOrder;
import saltdrum.server.work.Workers;
import saltdrum.speech.SpeechDesk;

@Tag(name = "work")
@RestController
@RequestMapping("/api")
class JobController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final JobStore jobs;
    private final MediaStore media;
    private final Workers workers;
    private final SpeechDesk speech;
    private final StyleShelf styles;

    /** Around a cue that is heard again, as far as it is free. */
    private static final int AROUND_CUE_MS = 300;

    JobController(
            ClipStore clips,
            TrackStore tracks,
            JobStore jobs,
            MediaStore media,
            Workers workers,
            SpeechDesk speech,
            StyleShelf styles) {
        this.styles = styles;
        this.clips = clips;
        this.tracks = tracks;
        this.jobs = jobs;
        this.media = media;
        this.workers = workers;
        this.speech = speech;
    }

    /**
     * @param script what is said; null to recognise the speech
     * @param fromMs null for the beginning
     * @param toMs null for the end
     * @param cueIds cues side by side whose stretch is heard again, instead of times; null for none
     * @param policies by which a recognised draft is written; null for none
     */
    record WordsRequest(
            String script, String language, Integer fromMs, Integer toMs, List<Long> cueIds, List<Policy> policies) {}

    /**
     * @param keepCaptions whether caption streams of the clip go into the video as well
     * @param language of the translation that is burned in; null for the clip's own words
     */
    record RenderRequest(String preset, Integer crf, Boolean keepCaptions, String language) {}

    @Operation(summary = "All long work on a clip, newest first")
    @GetMapping("/clips/{clipId}/jobs")
    List<JobView> ofClip(@PathVariable String clipId) {
        return jobs.ofClip(clips.get(clipId).id()).stream().map(JobView::of).toList();
    }

    @Operation(summary = "Gets the words: places a script on the voice, or recognises the speech")
    @PostMapping("/clips/{clipId}/words")
    JobView words(@PathVariable String clipId, @RequestBody WordsRequest request) {
        ClipInfo info = Json.read(clips.get(clipId).info(), ClipInfo.class, "clip");
        Track track = tracks.get(clipId).track();
        int from = request.fromMs() == null ? 0 : request.fromMs();
        int to = (int) Math.min(info.durationMs(), request.toMs() == null ? info.durationMs() : request.toMs());
        if (request.cueIds() != null && !request.cueIds().isEmpty()) {
            int[] stretch = track.stretchOf(request.cueIds(), AROUND_CUE_MS);
            from = stretch[0];
            to = stretch[1];
        }
        if (from < 0 || from >= to) {
            throw new BadInputException("That range holds nothing of the clip, which is " + info.durationMs() / 1000.0
                    + " s long. Choose it again.");
        }
        String language = request.language() == null || request.language().isBlank() ? "en" : request.language();
        if (request.script() == null && info.sounds().isEmpty()) {
            throw new BadInputException("The clip has no sound to recognise. Paste the script or type the words.");
        }
        if (request.script() != null && request.script().isBlank()) {
            throw new BadInputException("The script is empty. Paste what is said in the clip.");
        }
        if (request.script() == null && !speech.recognises(language)) {
            throw new BadInputException(speech.refusal(language));
        }
        // A locked cue in the way is told now, not after the work.
        new ReplaceWords(language, List.of(), from, to).on(track);
        WorkOrder order = request.script() == null
                ? new WorkOrder.Recognise(
                        language, from, to, request.policies() == null ? List.of() : request.policies())
                : new WorkOrder.PlaceScript(request.script(), language, from, to);
        return JobView.of(workers.order(clipId, order));
    }

    @Operation(summary = "Burns the captions, as they are now, into a new video")
    @PostMapping("/clips/{clipId}/renders")
    JobView render(@PathVariable String clipId, @RequestBody RenderRequest request) {
        Track track = tracks.shown(clips.get(clipId).id(), request.language()).track();
        BurnOrder order = new BurnOrder(
                request.preset() == null ? BurnOrder.USUAL.preset() : request.preset(),
                request.crf() == null ? BurnOrder.USUAL.crf() : request.crf(),
                Boolean.TRUE.equals(request.keepCaptions()));
        return JobView.of(workers.order(
                clipId,
                new WorkOrder.Render(
                        track, styles.get(track.style()), order.preset(), order.crf(), order.keepCaptions())));
    }

    @GetMapping("/jobs/{jobId}")
    JobView job(@PathVariable String jobId) {
        return JobView.of(jobs.get(jobId));
    }

    @Operation(summary = "Stops a piece of work; what it has got is kept")
    @PostMapping("/jobs/{jobId}/stop")
    JobView stop(@PathVariable String jobId) {
        return JobView.of(workers.stop(jobId));
    }

    @Operation(summary = "Forgets a finished piece of work and deletes its file")
    @DeleteMapping("/jobs/{jobId}")
    void remove(@PathVariable String jobId) {
        jobs.remove(jobId);
        media.sweep();
    }

    @Hidden
    @GetMapping("/jobs/{jobId}/video")
    ResponseEntity<Resource> video(@PathVariable String jobId, @RequestParam(defaultValue = "false") boolean download) {
        JobRow job = jobs.get(jobId);
        if (job.outputHash() == null) {
            throw new NotFoundException("This render has no video yet.");
        }
        ContentDisposition disposition = (download ? ContentDisposition.attachment() : ContentDisposition.inline())
                .filename(job.outputName(), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("video/mp4"))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(new FileSystemResource(media.file(job.outputHash())));
    }
}
