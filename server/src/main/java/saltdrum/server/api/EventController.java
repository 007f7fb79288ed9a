package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import saltdrum.server.store.AnnouncementLine;

/** Passes the database's announcements on to every open page as server-sent events. */
@RestController
class EventController {
    private final AnnouncementLine line;
    private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();
    private volatile boolean closed;

    EventController(AnnouncementLine line) {
        this.line = line;
    }

    @Hidden
    @GetMapping(path = "/api/events", produces = "text/event-stream")
    SseEmitter events() throws IOException {
        SseEmitter page = new SseEmitter(0L);
        page.onCompletion(() -> pages.remove(page));
        page.onError(e -> pages.remove(page));
        pages.add(page);
        page.send(SseEmitter.event().comment("open"));
        return page;
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        Thread listener = new Thread(this::listen, "announcements");
        listener.setDaemon(true);
        listener.start();
    }

    @PreDestroy
    void stop() {
        closed = true;
        pages.forEach(SseEmitter::complete);
    }

    private void listen() {
        line.listen(
                heard -> send(SseEmitter.event().data(heard)),
                () -> send(SseEmitter.event().comment("still here")),
                () -> closed);
    }

    private void send(SseEmitter.SseEventBuilder event) {
        for (SseEmitter page : pages) {
            try {
                page.send(event);
            } catch (IOException | IllegalStateException gone) {
                pages.remove(page);
            }
        }
    }
}
