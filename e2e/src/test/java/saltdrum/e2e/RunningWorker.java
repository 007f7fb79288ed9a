package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import saltdrum.server.TestDatabase;

/** A worker as a process of its own, as `salt-drum worker` runs it. */
final class RunningWorker {
    private final TestDatabase database;
    private final Path data;
    private final String name;
    private final List<String> more;
    private Process process;

    RunningWorker(TestDatabase database, Path data, String name, String... more) throws IOException {
        this.more = List.of(more);
        this.database = database;
        this.data = data;
        this.name = name;
        start();
        Runtime.getRuntime().addShutdownHook(new Thread(() -> process.destroyForcibly()));
    }

    private static ProcessBuilder worker(TestDatabase database, Path data, List<String> more) throws IOException {
        List<String> command = ServerProgram.command("-Xmx600m");
        command.addAll(List.of(
                "--salt-drum.role=worker",
                "--spring.datasource.url=" + database.url(),
                "--salt-drum.data=" + data,
                "--salt-drum.models=" + System.getProperty("salt-drum.models"),
                "--salt-drum.warm=false"));
        command.addAll(more);
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("SPRING_DATASOURCE_PASSWORD", database.password());
        builder.environment().putAll(S3Server.CALLER);
        return builder;
    }

    /** What one says that does not start. */
    static String refused(TestDatabase database, Path data) throws IOException {
        Process process = worker(
                        database, data, List.of("--spring.main.banner-mode=off", "--logging.level.saltdrum=WARN"))
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.onExit().join().exitValue()).as(said).isEqualTo(1);
        return said;
    }

    void start() throws IOException {
        ProcessBuilder builder =
                worker(database, data, more).redirectOutput(ProcessBuilder.Redirect.appendTo(log().toFile()));
        process = builder.start();
    }

    /** As kill -9 does it; its children end by themselves. */
    void kill() {
        process.destroyForcibly().onExit().join();
    }

    /** @param name of a signal, such as STOP */
    void signal(String name) throws IOException {
        new ProcessBuilder("kill", "-" + name, Long.toString(pid()))
                .start()
                .onExit()
                .join();
    }

    /** How often it has printed that, through all of its starts. */
    int said(String what) throws IOException {
        return Files.readString(log()).split(Pattern.quote(what), -1).length - 1;
    }

    private Path log() {
        return Path.of("target/" + name + ".log");
    }

    long pid() {
        return process.pid();
    }

    /** @return its exit code */
    int end() {
        process.destroy();
        return process.onExit().join().exitValue();
    }
}
