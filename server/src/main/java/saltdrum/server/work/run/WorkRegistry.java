package saltdrum.server.work.run;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import saltdrum.server.store.clip.ClipRow;

/**
 * Finds the implementation for each kind of work order. The server does not start unless there is exactly one for
 * each.
 */
@Component
class WorkRegistry {
    private final Map<Class<? extends WorkOrder>, Work<?>> works = new HashMap<>();

    WorkRegistry(List<Work<?>> all) {
        for (Work<?> work : all) {
            if (works.put(work.order(), work) != null) {
                throw new IllegalStateException(
                        "There are two beans for the order " + work.order().getSimpleName() + ".");
            }
        }
        Arrays.stream(WorkOrder.class.getPermittedSubclasses())
                .filter(order -> !works.containsKey(order))
                .findFirst()
                .ifPresent(order -> {
                    throw new IllegalStateException("There is no bean for the order " + order.getSimpleName() + ".");
                });
    }

    void carryOut(ClipRow clip, WorkOrder order, JobContext watch) {
        carryOut(works.get(order.getClass()), clip, order, watch);
    }

    private static <O extends WorkOrder> void carryOut(Work<O> work, ClipRow clip, WorkOrder order, JobContext watch) {
        work.work(clip, work.order().cast(order), watch);
    }
}
