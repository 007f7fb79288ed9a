package saltdrum.server.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import saltdrum.server.TestDatabase;

/**
 * Databases of former versions, as {@code pg_dump --inserts} wrote them. They are kept for ever: a change of a stored
 * form adds the database of the day before.
 */
final class Museum {
    private Museum() {}

    /** Puts one into a schema of its own. @return the address of it */
    static String restore(String name, String schema) throws IOException, SQLException {
        String dump = text(name + ".sql").replace("public.", schema + ".");
        try (Connection connection = DriverManager.getConnection(
                        TestDatabase.shared().url(),
                        "saltdrum",
                        TestDatabase.shared().password());
                Statement statement = connection.createStatement()) {
            statement.execute("drop schema if exists " + schema + " cascade");
            statement.execute("create schema " + schema);
            statement.execute(dump);
        }
        return TestDatabase.shared().url() + "?currentSchema=" + schema;
    }

    private static String text(String name) {
        try (InputStream in = Museum.class.getResourceAsStream("/saltdrum/museum/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
