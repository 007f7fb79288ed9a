package saltdrum.e2e;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
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
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        Path.of("target/" + name + ".log").toFile()));
        builder.environment().put("SPRING_DATASOURCE_PASSWORD", database.password());
        builder.environment().putAll(S3Server.CALLER);
        process = builder.start();
    }

    /** As kill -9 does it; its children end by themselves. */
    void kill() {
        process.destroyForcibly().onExit().join();
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
