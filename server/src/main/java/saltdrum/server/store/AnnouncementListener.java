package saltdrum.server.store;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Receives the announcements of all processes on this database over a dedicated connection outside the pool. */
@Component
public class AnnouncementListener {
    private static final Logger LOG = LoggerFactory.getLogger(AnnouncementListener.class);
    /** Sent after a gap; listeners have to reload everything they know. */
    public static final String MISSED = "{\"what\":\"missed\"}";

    private static final int WAIT_MS = 10_000;
    private static final int AGAIN_MS = 1_000;

    private final HikariDataSource pool;

    AnnouncementListener(HikariDataSource pool) {
        this.pool = pool;
    }

    /**
     * Listens until closed, and reconnects when the database is back after an outage.
     *
     * @param heard receives each announcement, and {@link #MISSED} after a gap in which announcements may have been
     * lost
     * @param quiet called after ten seconds without one
     */
    public void listen(Consumer<String> heard, Runnable quiet, BooleanSupplier closed) {
        boolean missed = false;
        while (!closed.getAsBoolean()) {
            try (Connection connection =
                            DriverManager.getConnection(pool.getJdbcUrl(), pool.getUsername(), pool.getPassword());
                    Statement statement = connection.createStatement()) {
                statement.execute("listen salt_drum");
                if (missed) {
                    heard.accept(MISSED);
                }
                missed = true;
                listen(connection.unwrap(PGConnection.class), heard, quiet, closed);
            } catch (SQLException e) {
                if (!closed.getAsBoolean()) {
                    LOG.warn("The database went away; listening again in a second ({})", e.getMessage());
                    pause();
                }
            }
        }
    }

    private static void listen(PGConnection postgres, Consumer<String> heard, Runnable quiet, BooleanSupplier closed)
            throws SQLException {
        while (!closed.getAsBoolean()) {
            PGNotification[] came = postgres.getNotifications(WAIT_MS);
            if (came == null || came.length == 0) {
                quiet.run();
                continue;
            }
            for (PGNotification notification : came) {
                heard.accept(notification.getParameter());
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(AGAIN_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
