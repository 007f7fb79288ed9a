package saltdrum.server.api.job;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
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
import saltdrum.server.api.Audited;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.job.DeliveryLineRow;
import saltdrum.server.store.job.DeliveryRow;
import saltdrum.server.store.job.DeliveryStore;
import saltdrum.server.store.job.JobState;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.people.AuditLog;
import saltdrum.server.work.order.OrderAsked;
import saltdrum.server.work.order.Orders;
import saltdrum.server.work.run.Workers;

/** Places, controls and lists orders. */
@Tag(name = "orders")
@RestController
@RequestMapping("/api")
public class OrderController {
    private static final int MOST = 50;

    private final Orders orders;
    private final DeliveryStore store;
    private final Workers workers;
    private final MediaStore media;
    private final AuditLog audit;

    OrderController(Orders orders, DeliveryStore store, Workers workers, MediaStore media, AuditLog audit) {
        this.audit = audit;
        this.orders = orders;
        this.store = store;
        this.workers = workers;
        this.media = media;
    }

    /**
     * @param lines number of files; {@code done}, {@code ended} without success, {@code held}
     * @param bytes of the finished files
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
     * @param open whether it is unfinished
     * @param progress 0 to 1
     * @param secondsLeft at the present pace; missing if unknown
     * @param turn its position in the queue, from 1; missing if it is not waiting
     * @param bytes of the finished file, {@code seconds} that it took
     * @param toolLines the last output of a failed tool
     */
    public record OrderLine(
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
            @MayBeMissing Double seconds,
            @MayBeMissing String toolLines) {
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
                    done ? Duration.between(row.started(), row.finished()).toMillis() / 1000.0 : null,
                    row.state() == JobState.FAILED ? row.toolLines() : null);
        }
    }

    record OrderView(OrderRow order, List<OrderLine> lines) {}

    @Operation(summary = "Orders all of it, or nothing")
    @PostMapping("/orders")
    OrderView order(@RequestBody OrderAsked asked) {
        String id = orders.order(asked);
        DeliveryRow order = store.get(id);
        audit.add(
                "Ordered deliveries", order.label() + ": " + order.lines() + (order.lines() == 1 ? " file" : " files"));
        return view(id);
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

    @Audited("Deleted an order")
    @Operation(summary = "Forgets an order and deletes its files")
    @DeleteMapping("/orders/{orderId}")
    void remove(@PathVariable String orderId) {
        store.remove(orderId);
        media.sweep();
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
