package saltdrum.server.work.run;

import saltdrum.server.store.clip.ClipRow;

/** Does one kind of order; a bean, found by the order's type. */
public interface Work<O extends WorkOrder> {
    Class<O> order();

    void work(ClipRow clip, O order, JobContext watch);
}
