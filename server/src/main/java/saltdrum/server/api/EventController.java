package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.annotation.PreDestroy;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import saltdrum.server.access.signin.SignIn;
import saltdrum.server.store.AnnouncementListener;
import saltdrum.server.store.people.PersonStore;

/** Passes the database's announcements on to every open page as server-sent events. */
@RestController
class EventController {
    private static final long SESSIONS_MS = 2_000;

    private final AnnouncementListener line;
    private final SignIn signIn;
    private final PersonStore people;
    private final List<OpenPage> pages = new CopyOnWriteArrayList<>();
    private volatile boolean closed;

    EventController(AnnouncementListener line, SignIn signIn, PersonStore people) {
        this.signIn = signIn;
        this.people = people;
        this.line = line;
    }

    @Hidden
    @GetMapping(path = "/api/events", produces = "text/event-stream")
    SseEmitter events(HttpServletRequest request) {
        HttpSession session = signIn.required() ? request.getSession(false) : null;
        OpenPage page = new OpenPage(session == null ? null : session.getId());
        page.emitter().onCompletion(() -> forget(page));
        page.emitter().onError(e -> forget(page));
        pages.add(page);
        page.send(() -> SseEmitter.event().comment("open"), () -> forget(page));
        return page.emitter();
    }

    /** Closes the streams of ended sessions, including those of removed people. */
    @Scheduled(fixedDelay = SESSIONS_MS)
    void closeThoseOfEndedSessions() {
        List<OpenPage> signedIn =
                pages.stream().filter(page -> page.sessionId() != null).toList();
        if (signedIn.isEmpty()) {
            return;
        }
        Set<String> open =
                people.openSessions(signedIn.stream().map(OpenPage::sessionId).collect(Collectors.toSet()));
        signedIn.stream().filter(page -> !open.contains(page.sessionId())).forEach(this::forget);
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
