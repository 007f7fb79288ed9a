package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;
import saltdrum.server.TestDatabase;

/**
 * The server's program as {@code salt-drum start} runs it: the built jar, extracted, with an archive of its classes. A
 * start takes half the time of one on a plain class path. Made once a build, by whichever test process comes first.
 */
final class ServerProgram {
    private static final Path APP = Path.of("target/app").toAbsolutePath();
    private static final Path ARCHIVE = Path.of("target/app.jsa").toAbsolutePath();
    private static final Path BUILT = Path.of("target/app.built");

    private ServerProgram() {}

    /** @return the command up to the jar; the application's options follow */
    static synchronized List<String> command(String... options) throws IOException {
        prepare();
        List<String> command = java(options);
        command.add("-XX:SharedArchiveFile=" + ARCHIVE);
        command.add("-Xshare:auto");
        command.add("-jar");
        command.add(jar(APP).toString());
        return command;
    }

    private static List<String> java(String... options) {
        List<String> command = new ArrayList<>();
        command.add(System.getProperty("java.home") + "/bin/java");
        command.add("-XX:+UseSerialGC");
        // Each of them lives for a minute or so: the optimising compiler would take more than it gives.
        command.add("-XX:TieredStopAtLevel=1");
        command.addAll(List.of(options));
        return command;
    }

    private static void prepare() throws IOException {
        Path packed = jar(Path.of("../server/target"));
        try (RandomAccessFile file = new RandomAccessFile("target/app.lock", "rw");
                FileChannel channel = file.getChannel();
                var lock = channel.lock()) {
            String build = packed + " " + Files.getLastModifiedTime(packed);
            if (Files.exists(BUILT) && Files.readString(BUILT).equals(build)) {
                return;
            }
            FileSystemUtils.deleteRecursively(APP);
            Files.deleteIfExists(ARCHIVE);
            List<String> extract = java("-Djarmode=tools", "-jar", packed.toString(), "extract");
            extract.addAll(List.of("--destination", APP.toString()));
            run(extract);
            archive();
            Files.writeString(BUILT, build);
        }
    }

    /** Starts the application up to the point where it would answer, and writes down which classes that took. */
    private static void archive() throws IOException {
        // A database belongs to one folder of media.
        TestDatabase database = TestDatabase.own();
        List<String> command = java(
                "-XX:ArchiveClassesAtExit=" + ARCHIVE,
                "-Xlog:cds=off",
                "-Xlog:cds+dynamic=off",
                "-Dspring.context.exit=onRefresh");
        command.addAll(List.of(
                "-jar",
                jar(APP).toString(),
                "--server.port=0",
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.password=" + database.password(),
                "--salt-drum.data=" + Files.createTempDirectory("salt-drum-archive"),
                "--salt-drum.models=" + System.getProperty("salt-drum.models")));
        run(command);
        database.end();
    }

    private static void run(List<String> command) throws IOException {
        Path log = Path.of("target/app.log");
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        assertThat(process.onExit().join().exitValue())
                .as("%s; see e2e/%s", command, log)
                .isZero();
    }

    private static Path jar(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().matches("server-[\\d.]+-app\\.jar"))
                    .findFirst()
                    .orElseThrow(() -> new IOException("no server jar in " + folder + "; build the server first"))
                    .toAbsolutePath();
        }
    }
}
