package saltdrum.server.work;

import saltdrum.server.store.ClipRow;

/** Does one kind of order; a bean, found by the order's type. */
interface Work<O extends WorkOrder> {
    Class<O> order();

    void work(ClipRow clip, O order, JobContext watch);
}
