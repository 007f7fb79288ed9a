package saltdrum.server.api;

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
import saltdrum.core.cue.Track;
import saltdrum.core.style.StyleShelf;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.burn.Quality;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.TrackStore;
import saltdrum.server.work.WorkOrder;
import saltdrum.server.work.Workers;

@Tag(name = "work")
@RestController
@RequestMapping("/api")
class RenderController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final Workers workers;
    private final StyleShelf styles;

    RenderController(ClipStore clips, TrackStore tracks, Workers workers, StyleShelf styles) {
        this.clips = clips;
        this.tracks = tracks;
        this.workers = workers;
        this.styles = styles;
    }

    /**
     * @param quality null for the usual one
     * @param preset of x264, in place of the quality's; null for that
     * @param crf in place of the quality's; null for that
     * @param keepCaptions whether caption streams of the clip go into the video as well
     * @param language of the translation that is burned in; null for the clip's own words
     */
    record RenderRequest(Quality quality, String preset, Integer crf, Boolean keepCaptions, String language) {}

    record QualityView(Quality quality, String label, String about) {}

    @Operation(summary = "What can be asked for")
    @GetMapping("/qualities")
    List<QualityView> qualities() {
        return Arrays.stream(Quality.values())
                .map(q -> new QualityView(q, q.label(), q.about()))
                .toList();
    }

    @Operation(summary = "Burns the captions, as they are now, into a new video")
    @PostMapping("/clips/{clipId}/renders")
    JobView render(@PathVariable String clipId, @RequestBody RenderRequest request) {
        Track track = tracks.shown(clips.get(clipId).id(), request.language()).track();
        Quality quality = request.quality() == null ? Quality.GOOD : request.quality();
        BurnOrder usual = quality.order(Boolean.TRUE.equals(request.keepCaptions()));
        BurnOrder order = new BurnOrder(
                request.preset() == null ? usual.preset() : request.preset(),
                request.crf() == null ? usual.crf() : request.crf(),
                usual.keepCaptions());
        return JobView.of(workers.order(
                clipId,
                new WorkOrder.Render(track, styles.of(track), order.preset(), order.crf(), order.keepCaptions())));
    }
}
