package saltdrum.server;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.List;
import saltdrum.media.ffmpeg.ToolRun;

/** A real PostgreSQL of its own under target/, started once a JVM and stopped with it. */
public final class TestDatabase {
    private static String url;

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
            url = "jdbc:postgresql://127.0.0.1:" + port + "/saltdrum";
        }
        return url;
    }

    private static void run(String action, Path folder, int port) {
        ToolRun.text(
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
