package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A page that does not read, beside one that does. */
class OpenPageTest {
    private static final int MANY = 300;

    @Test
    @Timeout(300)
    void aPageThatReadsNothingDelaysNobodyAndIsGivenUp() throws Exception {
        OpenPage stuck = new OpenPage(null);
        OpenPage reads = new OpenPage(null);
        CountDownLatch never = new CountDownLatch(1);
        CountDownLatch heard = new CountDownLatch(MANY);
        AtomicInteger lost = new AtomicInteger();
        Supplier<SseEmitter.SseEventBuilder> standsStill = () -> {
            try {
                never.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return SseEmitter.event().comment("late");
        };
        for (int i = 0; i < MANY; i++) {
            stuck.send(standsStill, lost::incrementAndGet);
            CountDownLatch read = new CountDownLatch(1);
            reads.send(
                    () -> {
                        heard.countDown();
                        read.countDown();
                        return SseEmitter.event().data("tide");
                    },
                    () -> {});
            assertThat(read.await(2, TimeUnit.MINUTES)).isTrue();
        }
        assertThat(heard.await(2, TimeUnit.MINUTES))
                .as("the other page heard all")
                .isTrue();
        assertThat(lost.get()).as("given up when its line was full").isPositive();
        assertThatCode(stuck::close).as("is closed without waiting").doesNotThrowAnyException();
        never.countDown();
        reads.close();
    }
}
