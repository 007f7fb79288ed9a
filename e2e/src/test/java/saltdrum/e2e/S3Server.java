package saltdrum.e2e;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/** A real S3 server (S3Proxy 2.9.0) on loopback that asks who calls; its bucket is a folder. */
final class S3Server implements AutoCloseable {
    /** Who may call it, as the environment tells programs that ask S3. */
    static final Map<String, String> CALLER =
            Map.of("AWS_ACCESS_KEY_ID", "workshop", "AWS_SECRET_ACCESS_KEY", "of oars and herring");

    private static final String BUCKET = "media";

    private final Path folder;
    private final int port;
    private final Process process;

    S3Server(String name) throws IOException {
        folder = Path.of("target", name).toAbsolutePath();
        FileSystemUtils.deleteRecursively(folder);
        Files.createDirectories(folder.resolve(BUCKET));
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Path settings = Files.writeString(
                folder.resolveSibling(name + ".properties"),
                String.join(
                        "\n",
                        "s3proxy.endpoint=" + endpoint(),
                        "s3proxy.authorization=aws-v2-or-v4",
                        "s3proxy.identity=" + CALLER.get("AWS_ACCESS_KEY_ID"),
                        "s3proxy.credential=" + CALLER.get("AWS_SECRET_ACCESS_KEY"),
                        "jclouds.provider=filesystem",
                        "jclouds.identity=nobody",
                        "jclouds.credential=nothing",
                        "jclouds.filesystem.basedir=" + folder));
        process = new ProcessBuilder(
                        System.getProperty("java.home") + "/bin/java",
                        "-Xmx200m",
                        "-cp",
                        "../s3/target/lib/*",
                        "org.gaul.s3proxy.Main",
                        "--properties",
                        settings.toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolveSibling(name + ".log").toFile())
                .start();
        Runtime.getRuntime().addShutdownHook(new Thread(process::destroyForcibly));
        await();
    }

    private void await() throws IOException {
        long until = System.nanoTime() + Duration.ofMinutes(3).toNanos();
        while (System.nanoTime() < until && process.isAlive()) {
            try (Socket answers = new Socket("127.0.0.1", port)) {
                return;
            } catch (IOException notYet) {
                RunningServer.pause(200);
            }
        }
        throw new IOException("the S3 server did not start; see " + folder + ".log");
    }

    String endpoint() {
        return "http://127.0.0.1:" + port;
    }

    /** What a server or worker needs to keep its media here, under a prefix. */
    String[] options(String... more) {
        return Stream.concat(
                        Stream.of(
                                "--salt-drum.media-url=s3://" + BUCKET + "/salt-drum",
                                "--salt-drum.media-endpoint=" + endpoint()),
                        Stream.of(more))
                .toArray(String[]::new);
    }

    /** File of a thing that is kept. */
    Path object(String hash) {
        return folder.resolve(BUCKET + "/salt-drum/" + hash.substring(0, 2) + "/" + hash);
    }

    /** Names of all things that are kept. */
    List<String> all() throws IOException {
        try (Stream<Path> files = Files.walk(folder.resolve(BUCKET))) {
            return files.filter(Files::isRegularFile)
                    .map(file -> file.getFileName().toString())
                    .collect(Collectors.toList());
        }
    }

    @Override
    public void close() {
        process.destroyForcibly();
    }
}
