package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.WritingPolicy;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.api.job.JobView;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;
import saltdrum.speech.SpeechDesk;

@Tag(name = "work")
@RestController
@RequestMapping("/api")
class WordsController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final Workers workers;
    private final SpeechDesk speech;

    /** Context around a cue that is recognised again, as far as it is free. */
    private static final int AROUND_CUE_MS = 300;

    WordsController(ClipStore clips, TrackStore tracks, Workers workers, SpeechDesk speech) {
        this.clips = clips;
        this.tracks = tracks;
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
            String script,
            String language,
            Integer fromMs,
            Integer toMs,
            List<Long> cueIds,
            List<WritingPolicy> policies) {}

    /**
     * @param opposite the one that undoes it; null for none
     */
    record PolicyView(WritingPolicy policy, String label, WritingPolicy.Draft draft, WritingPolicy opposite) {}

    @Operation(summary = "How a draft can be written")
    @GetMapping("/policies")
    List<PolicyView> policies() {
        return Arrays.stream(WritingPolicy.values())
                .map(p -> new PolicyView(p, p.said, p.draft, p.opposite()))
                .toList();
    }

    @Operation(summary = "Gets the words: places a script on the voice, or recognises the speech")
    @PostMapping("/clips/{clipId}/words")
    JobView words(@PathVariable String clipId, @RequestBody WordsRequest request) {
        ClipInfo info = clips.get(clipId).info();
        Track track = tracks.get(clipId).track();
        Range range = range(request, track, info.durationMs());
        String language = request.language() == null || request.language().isBlank() ? "en" : request.language();
        check(request, language, info);
        // Fails early if a locked cue is in the way, not after the work.
        new ReplaceWords(language, List.of(), range).on(track);
        WorkOrder order = request.script() == null
                ? new WorkOrder.Recognise(language, range, request.policies() == null ? List.of() : request.policies())
                : new WorkOrder.PlaceScript(request.script(), language, range);
        return JobView.of(workers.order(clipId, order));
    }

    private static Range range(WordsRequest request, Track track, long durationMs) {
        return request.cueIds() != null && !request.cueIds().isEmpty()
                ? track.stretchOf(request.cueIds(), AROUND_CUE_MS)
                : Range.of(request.fromMs(), request.toMs(), durationMs);
    }

    private void check(WordsRequest request, String language, ClipInfo info) {
        if (request.script() != null && request.script().isBlank()) {
            throw new BadInputException("The script is empty. Paste what is said in the clip.");
        }
        if (request.script() == null && info.sounds().isEmpty()) {
            throw new BadInputException("The clip has no sound to recognise. Paste the script or type the words.");
        }
        if (request.script() == null && !speech.recognises(language)) {
            throw new BadInputException(speech.refusal(language));
        }
    }
}
