package saltdrum.e2e;

import java.io.IOException;
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

    void start() throws IOException {
        List<String> command = ServerProgram.command("-Xmx600m");
        command.addAll(List.of(
                "--salt-drum.role=worker",
                "--spring.datasource.url=" + database.url(),
                "--salt-drum.data=" + data,
                "--salt-drum.models=" + System.getProperty("salt-drum.models"),
                "--salt-drum.warm=false"));
        command.addAll(more);
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log().toFile()));
        builder.environment().put("SPRING_DATASOURCE_PASSWORD", database.password());
        builder.environment().putAll(S3Server.CALLER);
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
