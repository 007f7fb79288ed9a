package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;
import saltdrum.core.delivery.NamePattern;
import saltdrum.media.clip.FrameRate;
import saltdrum.media.output.OutputKind;
import saltdrum.server.work.FindingsService;
import saltdrum.server.work.order.Deliveries;
import saltdrum.server.work.order.OrderAsked;
import saltdrum.server.work.order.OrderPlanner;

/** Previews an order: its files and estimates. Stores nothing. */
@Tag(name = "orders")
@RestController
@RequestMapping("/api/orders")
public class PlanController {
    private final OrderPlanner planner;
    private final Deliveries deliveries;
    private final FindingsService inspector;

    PlanController(OrderPlanner planner, Deliveries deliveries, FindingsService inspector) {
        this.planner = planner;
        this.deliveries = deliveries;
        this.inspector = inspector;
    }

    /**
     * A file that would be made.
     *
     * @param about in words
     * @param said what it will be
     * @param size of its picture; missing for what has none
     */
    public record PlanLine(
            String clipId,
            String clip,
            OutputKind output,
            String fileName,
            String about,
            String said,
            @MayBeMissing Size size) {}

    /** @param open number of open findings */
    record ClipFindings(String clipId, String clip, int open) {}

    /**
     * @param left requested files that cannot be made, a sentence each
     * @param captions whether any file contains captions
     */
    record PlanView(List<PlanLine> lines, List<String> left, List<ClipFindings> findings, boolean captions) {}

    @Operation(summary = "What an order would make; nothing is ordered")
    @PostMapping("/plan")
    PlanView plan(@RequestBody OrderAsked asked) {
        OrderPlanner.Plan plan = planner.plan(asked);
        Map<String, String> clips = new LinkedHashMap<>();
        plan.lines().forEach(line -> clips.put(line.clip().id(), line.clip().name()));
        List<ClipFindings> findings = new ArrayList<>();
        clips.forEach((id, name) ->
                findings.add(new ClipFindings(id, name, inspector.look(id).open())));
        return new PlanView(
                plan.lines().stream()
                        .map(line -> new PlanLine(
                                line.clip().id(),
                                line.clip().name(),
                                line.order().output(),
                                line.fileName(),
                                line.about(),
                                line.order().output().said,
                                line.size()))
                        .toList(),
                plan.left(),
                findings.stream().filter(one -> one.open() > 0).toList(),
                plan.lines().stream().anyMatch(line -> line.order().output().captions()));
    }

    /**
     * The estimate for a line of a plan.
     *
     * @param bytes missing if unknown beforehand
     * @param seconds at the machine's present load
     */
    public record EstimateView(@MayBeMissing Long bytes, @MayBeMissing Double seconds) {}

    @Operation(
            summary = "How large the lines of an order will be and how long they take, in the plan's order",
            description = "Short pieces of the clips are encoded for it: it takes some seconds.")
    @PostMapping("/estimates")
    List<EstimateView> estimates(@RequestBody OrderAsked asked) {
        return planner.plan(asked).lines().stream()
                .map(line -> {
                    Deliveries.PacedEstimate estimate = deliveries.estimate(line.clip(), line.order());
                    return estimate == null
                            ? new EstimateView(null, null)
                            : new EstimateView(estimate.bytes(), estimate.seconds());
                })
                .toList();
    }

    /** @param written as in a pattern, without its braces */
    record PlaceView(String written, String about) {}

    /**
     * What can be chosen of, beside clips, outputs and styles.
     *
     * @param frames by their labels
     * @param shortSides of the finished picture, pixels
     * @param rates frames a second, in place of the clip's own
     * @param names the pattern of file names that is taken where none is said, and {@code places} of it
     */
    record ChoicesView(
            List<String> frames, List<Integer> shortSides, List<Double> rates, String names, List<PlaceView> places) {}

    @Operation(summary = "What an order can choose of")
    @GetMapping("/choices")
    ChoicesView choices() {
        return new ChoicesView(
                Frame.SHAPES.stream().map(aspect -> aspect.label).toList(),
                Frame.SHORT_SIDES,
                FrameRate.USUAL.stream().map(FrameRate::perSecond).toList(),
                NamePattern.USUAL,
                Arrays.stream(NamePattern.Place.values())
                        .map(place -> new PlaceView(place.written(), place.about))
                        .toList());
    }
}
