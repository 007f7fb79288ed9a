package saltdrum.server.api.job;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;
import saltdrum.media.burn.Quality;
import saltdrum.media.output.OutputKind;
import saltdrum.server.api.Audited;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.DeliveryStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.order.OrderAsked;
import saltdrum.server.work.order.Orders;
import saltdrum.server.work.run.Workers;

@Tag(name = "work")
@RestController
@RequestMapping("/api")
class RenderController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final Workers workers;
    private final Orders orders;
    private final DeliveryStore store;

    RenderController(ClipStore clips, TrackStore tracks, Workers workers, Orders orders, DeliveryStore store) {
        this.orders = orders;
        this.store = store;
        this.clips = clips;
        this.tracks = tracks;
        this.workers = workers;
    }

    /**
     * @param language of the translation that is burned in; null for the clip's own words
     * @param how the video is encoded; null for the usual way
     */
    record RenderRequest(@MayBeMissing String language, @MayBeMissing OrderAsked.How how) {}

    record QualityView(Quality quality, String label, String about) {}

    @Operation(summary = "Qualities that can be chosen")
    @GetMapping("/qualities")
    List<QualityView> qualities() {
        return Arrays.stream(Quality.values())
                .map(q -> new QualityView(q, q.label(), q.about()))
                .toList();
    }

    @Operation(summary = "Burns the captions, as they are now, into a new video: an order of one file")
    @Audited("Ordered a film")
    @PostMapping("/clips/{clipId}/renders")
    JobView render(@PathVariable String clipId, @RequestBody RenderRequest request) {
        OrderAsked asked = new OrderAsked(
                List.of(clipId),
                request.language() == null ? null : List.of(request.language()),
                null,
                null,
                List.of(OutputKind.BURNED),
                null,
                request.how(),
                null,
                null);
        String order = orders.order(asked);
        return JobView.of(workers.job(store.lines(order).get(0).id()));
    }

    /** @param said what it will be, in words */
    record OutputView(OutputKind output, String label, String ending, String said, boolean styled, boolean captions) {}

    @Operation(summary = "What can be made of a clip, beside caption files")
    @GetMapping("/outputs")
    List<OutputView> outputs() {
        return OutputKind.NAMED.stream()
                .map(kind -> new OutputView(kind, kind.label, kind.ending, kind.said, kind.styled(), kind.captions()))
                .toList();
    }

    /**
     * A size that a finished picture can have.
     *
     * @param shortSide null for the frame's own
     */
    record SizeView(Integer shortSide, Size size) {}

    @Operation(summary = "Sizes that a finished picture can have, the frame's own first")
    @GetMapping("/clips/{clipId}/sizes")
    List<SizeView> sizes(@PathVariable String clipId) {
        Size clip = clips.get(clipId).info().size();
        Frame frame = tracks.get(clipId).track().frame();
        List<SizeView> sizes = new ArrayList<>(List.of(new SizeView(null, frame.output(clip))));
        for (int shortSide : Frame.SHORT_SIDES) {
            Size size = frame.sized(clip, shortSide).output(clip);
            if (!size.equals(frame.output(clip))) {
                sizes.add(new SizeView(shortSide, size));
            }
        }
        return sizes;
    }
}
