package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
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
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Size;
import saltdrum.core.delivery.NamePattern;
import saltdrum.media.output.Estimate;
import saltdrum.media.output.OutputKind;
import saltdrum.server.store.DeliveryLineRow;
import saltdrum.server.store.DeliveryRow;
import saltdrum.server.store.DeliveryStore;
import saltdrum.server.store.JobState;
import saltdrum.server.store.MediaStore;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.work.Deliveries;
import saltdrum.server.work.Inspector;
import saltdrum.server.work.OrderAsked;
import saltdrum.server.work.OrderPlanner;
import saltdrum.server.work.Orders;
import saltdrum.server.work.Workers;

/** Orders: what is to be made of clips, in which styles, frames and languages; and what came of them. */
@Tag(name = "orders")
@RestController
@RequestMapping("/api")
class OrderController {
    private static final int MOST = 50;

    private final OrderPlanner planner;
    private final Orders orders;
    private final DeliveryStore store;
    private final Deliveries deliveries;
    private final Inspector inspector;
    private final Workers workers;
    private final MediaStore media;

    OrderController(
            OrderPlanner planner,
            Orders orders,
            DeliveryStore store,
            Deliveries deliveries,
            Inspector inspector,
            Workers workers,
            MediaStore media) {
        this.planner = planner;
        this.orders = orders;
        this.store = store;
        this.deliveries = deliveries;
        this.inspector = inspector;
        this.workers = workers;
        this.media = media;
    }

    /**
     * A file that would be made.
     *
     * @param about in words
     * @param said what it will be
     * @param size of its picture; missing for what has none
     */
    record PlanLine(
            String clipId,
            String clip,
            OutputKind output,
            String fileName,
            String about,
            String said,
            @MayBeMissing Size size) {}

    /** @param open findings that stand */
    record ClipFindings(String clipId, String clip, int open) {}

    /**
     * @param left what was asked for and cannot be made, a sentence each
     * @param captions whether captions are in any of it
     */
    record PlanView(List<PlanLine> lines, List<String> left, List<ClipFindings> findings, boolean captions) {}

    @Operation(summary = "What an order would make; nothing is ordered")
    @PostMapping("/orders/plan")
    PlanView plan(@RequestBody OrderAsked asked) {
        OrderPlanner.Plan plan = planner.plan(asked);
        Map<String, String> clips = new LinkedHashMap<>();
        plan.lines().forEach(line -> clips.put(line.clip().id(), line.clip().name()));
        List<ClipFindings> findings = new ArrayList<>();
        clips.forEach((id, name) -> findings.add(new ClipFindings(id, name, (int) inspector.look(id).findings().stream()
                .filter(finding -> finding.reason() == null)
                .count())));
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
     * What a line of a plan will come to.
     *
     * @param bytes missing where that cannot be told before
     * @param seconds that it takes, as busy as the machine is now
     */
    record EstimateView(@MayBeMissing Long bytes, @MayBeMissing Double seconds) {}

    @Operation(
            summary = "How large the lines of an order will be and how long they take, in the plan's order",
            description = "Short pieces of the clips are encoded for it: it takes some seconds.")
    @PostMapping("/orders/estimates")
    List<EstimateView> estimates(@RequestBody OrderAsked asked) {
        return planner.plan(asked).lines().stream()
                .map(line -> {
                    Estimate estimate = deliveries.estimate(line.clip(), line.order());
                    return estimate == null
                            ? new EstimateView(null, null)
                            : new EstimateView(estimate.bytes(), estimate.seconds());
                })
                .toList();
    }

    /**
     * @param lines how many files; of them done, ended otherwise, held
     * @param bytes of what is done
     */
    record OrderRow(String id, String label, String created, int lines, int done, int ended, int held, long bytes) {
        static OrderRow of(DeliveryRow row) {
            return new OrderRow(
                    row.id(),
                    row.label(),
                    row.created().toString(),
                    row.lines(),
                    row.done(),
                    row.ended(),
                    row.held(),
                    row.bytes());
        }
    }

    /**
     * A file of an order.
     *
     * @param open whether there is more to come of it
     * @param progress 0 to 1
     * @param secondsLeft at the present pace; missing while nothing can be told
     * @param turn its place among all that wait, from 1; missing for what does not
     * @param bytes of the finished file, {@code seconds} that it took
     */
    record OrderLine(
            String id,
            String clipId,
            String clip,
            JobState state,
            boolean open,
            double progress,
            @MayBeMissing Long secondsLeft,
            @MayBeMissing String message,
            String fileName,
            String about,
            @MayBeMissing Integer turn,
            @MayBeMissing Long estimatedBytes,
            @MayBeMissing Double estimatedSeconds,
            @MayBeMissing Long bytes,
            @MayBeMissing Double seconds) {
        static OrderLine of(DeliveryLineRow row, List<String> waiting) {
            int turn = waiting.indexOf(row.id()) + 1;
            boolean done = row.state() == JobState.DONE && row.started() != null;
            return new OrderLine(
                    row.id(),
                    row.clipId(),
                    row.clip(),
                    row.state(),
                    row.state().isOpen(),
                    row.progress(),
                    row.state() == JobState.RUNNING
                            ? TimeLeft.seconds(
                                    row.progress(), row.started(), row.estimatedSeconds(), OffsetDateTime.now())
                            : null,
                    row.message(),
                    row.fileName(),
                    row.about(),
                    turn > 0 && row.state() == JobState.WAITING ? turn : null,
                    row.estimatedBytes(),
                    row.estimatedSeconds(),
                    row.bytes(),
                    done ? Duration.between(row.started(), row.finished()).toMillis() / 1000.0 : null);
        }
    }

    record OrderView(OrderRow order, List<OrderLine> lines) {}

    @Operation(summary = "Orders all of it, or nothing")
    @PostMapping("/orders")
    OrderView order(@RequestBody OrderAsked asked) {
        return view(orders.order(asked));
    }

    @Operation(summary = "Orders, the newest first, fifty at a time")
    @GetMapping("/orders")
    List<OrderRow> all(@RequestParam(defaultValue = "0") @Schema(minimum = "0") int from) {
        return store.newest(Math.max(0, from), MOST).stream().map(OrderRow::of).toList();
    }

    @GetMapping("/orders/{orderId}")
    OrderView get(@PathVariable String orderId) {
        return view(orderId);
    }

    private OrderView view(String id) {
        List<String> waiting = workers.waiting();
        return new OrderView(
                OrderRow.of(store.get(id)),
                store.lines(id).stream()
                        .map(line -> OrderLine.of(line, waiting))
                        .toList());
    }

    @Operation(summary = "Takes what still waits out of the queue")
    @PostMapping("/orders/{orderId}/hold")
    OrderView hold(@PathVariable String orderId) {
        orders.hold(orderId);
        return view(orderId);
    }

    @Operation(summary = "Lets what was held wait again")
    @PostMapping("/orders/{orderId}/release")
    OrderView release(@PathVariable String orderId) {
        orders.release(orderId);
        return view(orderId);
    }

    @Operation(summary = "Stops all that is not done; what is done is kept")
    @PostMapping("/orders/{orderId}/stop")
    OrderView stop(@PathVariable String orderId) {
        orders.stop(orderId);
        return view(orderId);
    }

    @Operation(summary = "Makes what failed or was stopped after all")
    @PostMapping("/orders/{orderId}/again")
    OrderView again(@PathVariable String orderId) {
        orders.again(orderId);
        return view(orderId);
    }

    @Operation(summary = "Forgets an order and deletes its files")
    @DeleteMapping("/orders/{orderId}")
    void remove(@PathVariable String orderId) {
        store.remove(orderId);
        media.sweep();
    }

    /** @param before another that waits; missing for the end of the queue */
    record PlaceRequest(@MayBeMissing String before) {}

    @Operation(summary = "Puts a file that waits before another one in the queue")
    @PostMapping("/jobs/{jobId}/place")
    List<String> place(@PathVariable String jobId, @RequestBody PlaceRequest request) {
        workers.place(jobId, request.before());
        return workers.waiting();
    }

    @Operation(summary = "Makes a file after all that was held, failed or was stopped")
    @PostMapping("/jobs/{jobId}/again")
    JobView againOne(@PathVariable String jobId) {
        workers.release(jobId);
        return JobView.of(workers.job(jobId));
    }

    /** @param written as it stands in a pattern, without its braces */
    record PlaceView(String written, String about) {}

    /** @param usual the pattern that is taken where none is said */
    record NamesView(String usual, List<PlaceView> places) {}

    @Operation(summary = "What file names can be made of")
    @GetMapping("/file-names")
    NamesView names() {
        return new NamesView(
                NamePattern.USUAL,
                Arrays.stream(NamePattern.Place.values())
                        .map(place -> new PlaceView(place.written(), place.about))
                        .toList());
    }

    @Hidden
    @GetMapping("/orders/{orderId}/zip")
    ResponseEntity<StreamingResponseBody> zip(@PathVariable String orderId) {
        DeliveryRow order = store.get(orderId);
        List<DeliveryLineRow> done = store.lines(orderId).stream()
                .filter(line -> line.outputHash() != null)
                .toList();
        if (done.isEmpty()) {
            throw new NotFoundException("Nothing of this order is finished yet.");
        }
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(order.label() + ".zip", StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(out -> {
                    try (ZipOutputStream zip = new ZipOutputStream(out)) {
                        // Films do not become smaller.
                        zip.setLevel(Deflater.NO_COMPRESSION);
                        for (DeliveryLineRow line : done) {
                            zip.putNextEntry(new ZipEntry(line.fileName()));
                            Files.copy(media.file(line.outputHash()), zip);
                            zip.closeEntry();
                        }
                    }
                });
    }
}
