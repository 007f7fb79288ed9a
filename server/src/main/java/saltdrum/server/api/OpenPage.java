package saltdrum.server.api;

import java.io.IOException;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * One page that receives announcements. Each page has a queue of its own, so that a page that does not read delays no
 * other.
 */
final class OpenPage {
    private static final int MOST_WAITING = 100;

    private final SseEmitter emitter = new SseEmitter(0L);
    private final ThreadPoolExecutor line = new ThreadPoolExecutor(
            1, 1, 10, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING), OpenPage::daemon);

    private final String sessionId;

    /** @param sessionId of the page's user; null if sign-in is off */
    OpenPage(String sessionId) {
        this.sessionId = sessionId;
        line.allowCoreThreadTimeOut(true);
    }

    private static Thread daemon(Runnable work) {
        Thread thread = new Thread(work, "open-page");
        thread.setDaemon(true);
        return thread;
    }

    String sessionId() {
        return sessionId;
    }

    SseEmitter emitter() {
        return emitter;
    }

    /**
     * @param event makes it: one that is made can be sent once only
     * @param lost is called when the page is gone, or reads nothing for so long that its line is full
     */
    void send(Supplier<SseEmitter.SseEventBuilder> event, Runnable lost) {
        try {
            line.execute(() -> {
                try {
                    emitter.send(event.get());
                } catch (IOException | RuntimeException gone) {
                    lost.run();
                }
            });
        } catch (RejectedExecutionException full) {
            lost.run();
        }
    }

    /** Closes the stream; a live page reconnects and requests what it missed. */
    void close() {
        line.shutdown();
        // Completing waits for a pending write, which may be blocked.
        daemon(emitter::complete).start();
    }
}
