package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Passes the database's announcements on to every open page as server-sent events. */
@RestController
class EventController {
    private static final Logger LOG = LoggerFactory.getLogger(EventController.class);
    private static final int WAIT_MS = 10_000;

    private final DataSource dataSource;
    private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();
    private volatile boolean closed;

    EventController(DataSource dataSource) {
        this.dataSource = dataSource;
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
        while (!closed) {
            try (Connection connection = dataSource.getConnection();
                    Statement statement = connection.createStatement()) {
                statement.execute("listen salt_drum");
                PGConnection postgres = connection.unwrap(PGConnection.class);
                while (!closed) {
                    PGNotification[] heard = postgres.getNotifications(WAIT_MS);
                    for (PGNotification notification : heard == null ? new PGNotification[0] : heard) {
                        send(SseEmitter.event().data(notification.getParameter()));
                    }
                    if (heard == null || heard.length == 0) {
                        send(SseEmitter.event().comment("still here"));
                    }
                }
            } catch (SQLException e) {
                if (!closed) {
                    LOG.warn("The database went away; listening again in a second ({})", e.getMessage());
                    pause();
                }
            }
        }
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

    private static void pause() {
        try {
            Thread.sleep(1000);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
