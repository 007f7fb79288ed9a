package saltdrum.server.work.order;

import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.output.OutputKind;
import saltdrum.server.store.job.JobKind;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobStore;

/** Orders the film of a first draft: small, made in little time, and no delivery. */
@Component
public class DraftFilm {
    private static final OrderAsked.How CHEAP = new OrderAsked.How(
            null, BurnOrder.DRAFT.preset(), BurnOrder.DRAFT.crf(), null, BurnOrder.DRAFT_SHORT_SIDE, null, null);
    private static final String NAME = "{clip} · draft";

    private final ObjectProvider<Orders> orders;
    private final JobStore jobs;

    /** @param orders taken when the first film is ordered: they need the works, of which one needs this */
    DraftFilm(ObjectProvider<Orders> orders, JobStore jobs) {
        this.orders = orders;
        this.jobs = jobs;
    }

    /**
     * Once for each draft, even if its work was interrupted and done again.
     *
     * @param draft the work that made the captions
     * @param review whether a review link to the film is prepared
     */
    public void order(String clipId, JobRow draft, boolean review) {
        boolean ordered = jobs.ofClip(clipId).stream()
                .anyMatch(job -> job.kind() == JobKind.RENDER && job.created().isAfter(draft.created()));
        if (!ordered) {
            orders.getObject()
                    .orderDraft(
                            new OrderAsked(
                                    List.of(clipId),
                                    null,
                                    null,
                                    null,
                                    List.of(OutputKind.BURNED),
                                    null,
                                    CHEAP,
                                    NAME,
                                    null),
                            review);
        }
    }
}
