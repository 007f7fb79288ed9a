package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.style.StyleShelf;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.burn.Quality;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.output.Estimate;
import saltdrum.media.output.OutputKind;
import saltdrum.server.store.ClipRow;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.TrackStore;
import saltdrum.server.work.Deliveries;
import saltdrum.server.work.WorkOrder;
import saltdrum.server.work.Workers;

@Tag(name = "work")
@RestController
@RequestMapping("/api")
class RenderController {
    private static final int[] SHORT_SIDES = {720, 1080, 1440, 2160};

    private final ClipStore clips;
    private final TrackStore tracks;
    private final Workers workers;
    private final StyleShelf styles;
    private final Deliveries deliveries;

    RenderController(ClipStore clips, TrackStore tracks, Workers workers, StyleShelf styles, Deliveries deliveries) {
        this.deliveries = deliveries;
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
     * @param shortSide of the finished picture, pixels; null for its own
     * @param language of the translation that is burned in; null for the clip's own words
     */
    record RenderRequest(
            Quality quality, String preset, Integer crf, Boolean keepCaptions, Integer shortSide, String language) {}

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
        return JobView.of(workers.order(clips.get(clipId).id(), order(clipId, request, OutputKind.BURNED)));
    }

    /**
     * Several outputs asked for together.
     *
     * @param outputs at least one, each once
     * @param render how videos among them are made; null for the usual way
     */
    record OrderRequest(List<OutputKind> outputs, @MayBeMissing RenderRequest render) implements FromOutside {}

    /** @param said what it will be, in words */
    record OutputView(OutputKind output, String label, String ending, String said, boolean styled, boolean captions) {}

    @Operation(summary = "What can be made of a clip, beside caption files")
    @GetMapping("/outputs")
    List<OutputView> outputs() {
        return Arrays.stream(OutputKind.values())
                .map(kind -> new OutputView(kind, kind.label, kind.ending, kind.said, kind.styled(), kind.captions()))
                .toList();
    }

    @Operation(summary = "Orders several outputs of the clip as it is now; all of them or none")
    @PostMapping("/clips/{clipId}/orders")
    List<JobView> order(@PathVariable String clipId, @RequestBody OrderRequest request) {
        ClipInfo info = clips.get(clipId).info();
        Set<OutputKind> wanted = new LinkedHashSet<>(request.outputs());
        if (wanted.isEmpty()) {
            throw new BadInputException("Choose what is to be made.");
        }
        if (wanted.contains(OutputKind.SOUND) && info.sounds().isEmpty()) {
            throw new BadInputException("The clip has no sound that could be written alone. Nothing was ordered.");
        }
        RenderRequest how =
                request.render() == null ? new RenderRequest(null, null, null, null, null, null) : request.render();
        if (wanted.contains(OutputKind.CAPTIONED)
                && tracks.shown(clipId, how.language()).track().cues().isEmpty()) {
            throw new BadInputException("There are no cues that a caption stream could hold. Nothing was ordered.");
        }
        List<WorkOrder> orders = wanted.stream()
                .map(kind -> (WorkOrder) order(clipId, how, kind))
                .toList();
        return workers.orderAll(clipId, orders).stream().map(JobView::of).toList();
    }

    /**
     * What an output will come to.
     *
     * @param bytes missing where that cannot be told before
     * @param seconds that it takes, as busy as the machine is now
     */
    record EstimateView(OutputKind output, Long bytes, Double seconds) {}

    @Operation(
            summary = "How large outputs will be and how long they take",
            description = "Short pieces of the clip are encoded for it: it takes some seconds.")
    @PostMapping("/clips/{clipId}/estimates")
    List<EstimateView> estimates(@PathVariable String clipId, @RequestBody OrderRequest request) {
        ClipRow clip = clips.get(clipId);
        RenderRequest how =
                request.render() == null ? new RenderRequest(null, null, null, null, null, null) : request.render();
        return new LinkedHashSet<>(request.outputs())
                .stream()
                        .map(kind -> {
                            Estimate estimate = deliveries.estimate(clip, order(clipId, how, kind));
                            return estimate == null
                                    ? new EstimateView(kind, null, null)
                                    : new EstimateView(kind, estimate.bytes(), estimate.seconds());
                        })
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
        for (int shortSide : SHORT_SIDES) {
            sizes.add(new SizeView(shortSide, frame.sized(clip, shortSide).output(clip)));
        }
        return sizes;
    }

    private static Track sized(Track track, Size clip, Integer shortSide) {
        return shortSide == null ? track : track.withFrame(track.frame().sized(clip, shortSide));
    }

    private WorkOrder.Render order(String clipId, RenderRequest request, OutputKind output) {
        Size clip = clips.get(clipId).info().size();
        Track track = sized(tracks.shown(clipId, request.language()).track(), clip, request.shortSide());
        Quality quality = request.quality() == null ? Quality.GOOD : request.quality();
        BurnOrder usual = quality.order(Boolean.TRUE.equals(request.keepCaptions()));
        BurnOrder order = new BurnOrder(
                request.preset() == null ? usual.preset() : request.preset(),
                request.crf() == null ? usual.crf() : request.crf(),
                usual.keepCaptions());
        List<Track> others = output == OutputKind.CAPTIONED
                ? Stream.concat(Stream.of(""), tracks.translations(clipId).stream())
                        .filter(language -> !language.equals(request.language() == null ? "" : request.language()))
                        .map(language -> sized(tracks.shown(clipId, language).track(), clip, request.shortSide()))
                        .toList()
                : List.of();
        return new WorkOrder.Render(
                track, styles.of(track), order.preset(), order.crf(), order.keepCaptions(), output, others);
    }
}
