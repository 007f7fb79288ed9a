package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Supplier;
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
    private final List<OpenPage> pages = new CopyOnWriteArrayList<>();
    private volatile boolean closed;

    EventController(AnnouncementLine line) {
        this.line = line;
    }

    @Hidden
    @GetMapping(path = "/api/events", produces = "text/event-stream")
    SseEmitter events() {
        OpenPage page = new OpenPage();
        page.emitter().onCompletion(() -> forget(page));
        page.emitter().onError(e -> forget(page));
        pages.add(page);
        page.send(() -> SseEmitter.event().comment("open"), () -> forget(page));
        return page.emitter();
    }

    private void forget(OpenPage page) {
        pages.remove(page);
        page.close();
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
        pages.forEach(page -> page.emitter().complete());
    }

    private void listen() {
        line.listen(
                heard -> send(() -> SseEmitter.event().data(heard)),
                () -> send(() -> SseEmitter.event().comment("still here")),
                () -> closed);
    }

    private void send(Supplier<SseEmitter.SseEventBuilder> event) {
        for (OpenPage page : pages) {
            page.send(event, () -> forget(page));
        }
    }
}
