package saltdrum.server;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.boot.SpringApplication;
import org.springframework.test.context.DynamicPropertyRegistry;
import saltdrum.media.ffmpeg.ToolRun;

/** A real PostgreSQL under a folder of its own: one that all tests share, or one of a test's own. */
public final class TestDatabase {
    private static final int MOST_CONNECTIONS = 6;
    private static final AtomicInteger SERVERS = new AtomicInteger();
    private static TestDatabase shared;

    private final Path folder;
    private final Path database;
    private final int port;
    private final String password;
    private final AtomicBoolean over = new AtomicBoolean();

    private TestDatabase() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        // Under /var/tmp, which PostgreSQL's own user can enter for any test user.
        folder = java.nio.file.Files.createTempDirectory(Path.of("/var/tmp"), "salt-drum-test");
        folder.toFile().setExecutable(true, false);
        database = folder.resolve("database");
        start();
        // Runs after the servers of this JVM, which would wait for it. Without servers it is not called.
        SpringApplication.getShutdownHandlers().add(this::end);
        password = run("password").strip();
    }

    /** It stops, and nothing of it is left. */
    public void end() {
        if (over.compareAndSet(false, true)) {
            run("stop");
            ToolRun.text(List.of("rm", "-rf", folder.toString()), 30, failed -> {});
        }
    }

    public static synchronized TestDatabase shared() throws IOException {
        if (shared == null) {
            shared = new TestDatabase();
        }
        return shared;
    }

    /** One that may be killed. */
    public static TestDatabase own() throws IOException {
        return new TestDatabase();
    }

    public String url() {
        return "jdbc:postgresql://127.0.0.1:" + port + "/saltdrum";
    }

    /** Of the application's role. */
    public String password() {
        return password;
    }

    public void start() {
        run("start");
    }

    /** The number of the process that keeps all others of the database. */
    public long pid() {
        String line = ToolRun.text(
                List.of(
                        "head",
                        "-n",
                        "1",
                        database.resolve("data/postmaster.pid").toString()),
                10,
                failed -> {
                    throw new IllegalStateException(failed.errors());
                });
        return Long.parseLong(line.strip());
    }

    /**
     * What a Spring test needs for a server of its own: a schema in the shared database, and a data folder. Workers of two
     * servers would take each other's jobs, and not find their videos.
     *
     * @return the data folder
     */
    public static Path register(DynamicPropertyRegistry registry) throws IOException, SQLException {
        TestDatabase database = shared();
        String schema = "server_" + SERVERS.incrementAndGet();
        try (Connection connection = DriverManager.getConnection(database.url(), "saltdrum", database.password());
                Statement statement = connection.createStatement()) {
            statement.execute("create schema " + schema);
        }
        registry.add("spring.datasource.url", () -> database.url() + "?currentSchema=" + schema);
        registry.add("spring.datasource.password", database::password);
        // Spring keeps every server of a test process, and PostgreSQL lets in a hundred.
        registry.add("spring.datasource.hikari.maximum-pool-size", () -> MOST_CONNECTIONS);
        registry.add("spring.datasource.hikari.minimum-idle", () -> 1);
        Path data = database.folder.resolve(schema);
        registry.add("salt-drum.data", data::toString);
        return data;
    }

    /** Its folder and port, as the tools ask for them. */
    public List<String> place() {
        return List.of(database.toString(), Integer.toString(port));
    }

    private String run(String action) {
        return ToolRun.text(
                List.of(
                        "env",
                        "SALT_DRUM_PG_NOSYNC=1",
                        "../tools/postgres",
                        action,
                        database.toString(),
                        Integer.toString(port)),
                120,
                failed -> {
                    throw new IllegalStateException(failed.errors());
                });
    }
}
