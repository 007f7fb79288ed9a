package saltdrum.server.work.order;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.BadInputException;
import saltdrum.server.store.job.DeliveryLineRow;
import saltdrum.server.store.job.DeliveryStore;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobState;
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

    /** @return the order's id */
    @Transactional
    public String order(OrderAsked asked) {
        OrderPlanner.Plan plan = planner.plan(asked);
        if (plan.lines().isEmpty()) {
            throw new BadInputException(
                    plan.left().isEmpty()
                            ? "Choose at least one output. Nothing was ordered."
                            : plan.left().get(0) + " Nothing was ordered.");
        }
        String id = store.add(label(plan));
        int place = 0;
        for (OrderPlanner.Line line : plan.lines()) {
            JobRow job = workers.order(line.clip().id(), line.order());
            Deliveries.PacedEstimate estimate = deliveries.cachedEstimate(line.clip(), line.order());
            store.addLine(
                    id,
                    job.id(),
                    place++,
                    new DeliveryStore.Line(
                            line.fileName(),
                            line.about(),
                            estimate == null ? null : estimate.bytes(),
                            estimate == null ? null : estimate.seconds(),
                            estimate == null ? null : estimate.sampled(),
                            line.trackVersion(),
                            line.content()));
        }
        return id;
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
