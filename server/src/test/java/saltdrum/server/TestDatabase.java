package saltdrum.server;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.List;
import org.springframework.test.context.DynamicPropertyRegistry;
import saltdrum.media.ffmpeg.ToolRun;

/** A real PostgreSQL of its own under target/, started once a JVM and stopped with it. */
public final class TestDatabase {
    private static String url;
    private static String password;

    private TestDatabase() {}

    public static synchronized String url() throws IOException {
        if (url == null) {
            int port;
            try (ServerSocket free = new ServerSocket(0)) {
                port = free.getLocalPort();
            }
            // Under /var/tmp, where PostgreSQL's own user can walk whoever runs the tests.
            Path folder = java.nio.file.Files.createTempDirectory(Path.of("/var/tmp"), "salt-drum-test");
            folder.toFile().setExecutable(true, false);
            Path database = folder.resolve("database");
            run("start", database, port);
            Runtime.getRuntime().addShutdownHook(new Thread(() -> {
                run("stop", database, port);
                ToolRun.text(List.of("rm", "-rf", folder.toString()), 30, failed -> {});
            }));
            password = run("password", database, port).strip();
            url = "jdbc:postgresql://127.0.0.1:" + port + "/saltdrum";
        }
        return url;
    }

    /** Of the application's role. */
    public static synchronized String password() throws IOException {
        url();
        return password;
    }

    /** Address and password as a Spring test takes them. */
    public static void register(DynamicPropertyRegistry registry) throws IOException {
        String address = url();
        registry.add("spring.datasource.url", () -> address);
        registry.add("spring.datasource.password", () -> password);
    }

    private static String run(String action, Path folder, int port) {
        return ToolRun.text(
                List.of(
                        "env",
                        "SALT_DRUM_PG_NOSYNC=1",
                        "../tools/postgres",
                        action,
                        folder.toString(),
                        Integer.toString(port)),
                120,
                failed -> {
                    throw new IllegalStateException(failed.errors());
                });
    }
}
