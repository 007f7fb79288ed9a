package saltdrum.server.work.order;

import java.util.List;
import java.util.function.BiFunction;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.BadInputException;
import saltdrum.server.store.job.DeliveryLineRow;
import saltdrum.server.store.job.DeliveryStore;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobState;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;

/** Places and controls orders, always all lines or none. */
@Component
public class Orders {
    private final OrderPlanner planner;
    private final Deliveries deliveries;
    private final DeliveryStore store;
    private final Workers workers;

    Orders(OrderPlanner planner, Deliveries deliveries, DeliveryStore store, Workers workers) {
        this.planner = planner;
        this.deliveries = deliveries;
        this.store = store;
        this.workers = workers;
    }

    /**
     * Caption files, stills and copies are queued before all that is encoded.
     *
     * @return the order's id
     */
    @Transactional
    public String order(OrderAsked asked) {
        return order(planner.plan(asked));
    }

    /**
     * Films to be looked at: they are no delivery of their clips.
     *
     * @param review whether review links to them are prepared
     */
    @Transactional
    String orderDraft(OrderAsked asked, boolean review) {
        OrderPlanner.Plan plan = planner.plan(asked);
        return order(new OrderPlanner.Plan(
                plan.lines().stream().map(line -> line.asDraft(review)).toList(), plan.left()));
    }

    private String order(OrderPlanner.Plan plan) {
        if (plan.lines().isEmpty()) {
            throw new BadInputException(
                    plan.left().isEmpty()
                            ? "Choose at least one output. Nothing was ordered."
                            : plan.left().get(0) + " Nothing was ordered.");
        }
        String id = store.add(label(plan));
        List<OrderPlanner.Line> lines = plan.lines();
        // Each of the quick ones goes to the head of the queue: the last first, so that they keep their order.
        for (int place = lines.size() - 1; place >= 0; place--) {
            if (!encodes(lines.get(place))) {
                add(id, place, lines.get(place), workers::orderNext);
            }
        }
        for (int place = 0; place < lines.size(); place++) {
            if (encodes(lines.get(place))) {
                add(id, place, lines.get(place), workers::order);
            }
        }
        return id;
    }

    private static boolean encodes(OrderPlanner.Line line) {
        return line.order().encodesFrames(line.clip().info());
    }

    private void add(String id, int place, OrderPlanner.Line line, BiFunction<String, WorkOrder, JobRow> queue) {
        JobRow job = queue.apply(line.clip().id(), line.order());
        Deliveries.PacedEstimate estimate = deliveries.cachedEstimate(line.clip(), line.order());
        store.addLine(
                id,
                job.id(),
                place,
                new DeliveryStore.Line(
                        line.fileName(),
                        line.about(),
                        estimate == null ? null : estimate.bytes(),
                        estimate == null ? null : estimate.seconds(),
                        estimate == null ? null : estimate.sampled(),
                        line.trackVersion(),
                        line.content()));
    }

    /** The clip's name, or how many clips. */
    private static String label(OrderPlanner.Plan plan) {
        List<String> names =
                plan.lines().stream().map(line -> line.clip().name()).distinct().toList();
        return switch (names.size()) {
            case 1 -> names.get(0);
            case 2 -> names.get(0) + " and " + names.get(1);
            default -> names.get(0) + " and " + (names.size() - 1) + " more";
        };
    }

    /** What waits is taken out of the queue; what is being made is made to its end. */
    public void hold(String id) {
        each(id, JobState.WAITING, workers::hold);
    }

    public void release(String id) {
        each(id, JobState.HELD, workers::release);
    }

    public void stop(String id) {
        store.lines(id).stream().filter(line -> line.state().isOpen()).forEach(line -> workers.stop(line.id()));
    }

    /** What failed or was stopped is made after all. */
    public void again(String id) {
        each(id, JobState.FAILED, workers::release);
        each(id, JobState.STOPPED, workers::release);
    }

    private interface Hand {
        void on(String jobId);
    }

    private void each(String id, JobState state, Hand hand) {
        store.lines(id).stream()
                .filter(line -> line.state() == state)
                .map(DeliveryLineRow::id)
                .forEach(hand::on);
    }
}
