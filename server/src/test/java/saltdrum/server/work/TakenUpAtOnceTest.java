package saltdrum.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.server.Patience;
import saltdrum.server.store.job.JobState;
import saltdrum.server.work.run.WorkOrder;

/** A server that looks for jobs of others once an hour, and takes up its own when they are ordered. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.NONE,
        properties = {"salt-drum.workers=1", "salt-drum.poll=1h"})
class TakenUpAtOnceTest extends JobsOfAClip {
    /** Its worker was woken while the order could not be seen yet, and looked again only after a while. */
    @Test
    void anOrderIsTakenUpOnceItCanBeSeen() {
        String job = new TransactionTemplate(transactions).execute(status -> {
            String ordered = workers.order(clip, new WorkOrder.Listen()).id();
            sql.execute("select pg_sleep(0.3)");
            return ordered;
        });
        assertThat(awaitEnd(job).state()).isEqualTo(JobState.DONE);
    }

    /** Of one job at a time. */
    @Test
    void whatWaitedForItsLaneIsTakenUpWhenTheLaneIsFree() {
        String first = workers.order(clip, new WorkOrder.Prepare()).id();
        Patience.await("the first at work").until(() -> jobs.get(first).state() != JobState.WAITING);
        String second = workers.order(clip, new WorkOrder.Listen()).id();
        assertThat(awaitEnd(first).state()).isEqualTo(JobState.DONE);
        assertThat(awaitEnd(second).state()).isEqualTo(JobState.DONE);
    }
}
