package saltdrum.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.net.ServerSocket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.util.FileSystemUtils;
import saltdrum.server.Patience;
import saltdrum.server.TestDatabase;
import saltdrum.speech.outside.SimulatedRecogniser;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The server as a process of its own, as `salt-drum start` runs it, which can be killed and started again. */
final class RunningServer {
    private static final JsonMapper JSON = new JsonMapper();
    private static RunningServer shared;

    private final HttpClient http = HttpClient.newHttpClient();
    private final String translator = SimulatedTranslator.start();
    private final SimulatedRecogniser recogniser = new SimulatedRecogniser(Demo.CLIPS, 0);
    private final TestDatabase database;
    private final Path data;
    private final int port;
    private final List<String> more;
    /** Most servers of tests recognise nothing, and the models cost a start as much as all else. */
    private boolean warm;

    private Process process;

    private RunningServer(TestDatabase database, String folder, List<String> more) throws IOException {
        this.database = database;
        this.more = more;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        data = Files.createDirectories(Path.of("target", folder)).toAbsolutePath();
        start();
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            process.destroyForcibly();
            database.end();
        }));
    }

    static synchronized RunningServer shared() throws IOException {
        if (shared == null) {
            shared = new RunningServer(TestDatabase.shared(), "server-data-" + System.getProperty("fork"), List.of());
        }
        return shared;
    }

    /** One with a database of its own, for what would disturb the others. */
    static RunningServer own(TestDatabase database, String folder, String... more) throws IOException {
        FileSystemUtils.deleteRecursively(Path.of("target", folder));
        return new RunningServer(database, folder, List.of(more));
    }

    /** One on what is there already. */
    static RunningServer on(TestDatabase database, String folder) throws IOException {
        return new RunningServer(database, folder, List.of());
    }

    /** From the next start on it gets the speech models ready at once, as it does for users. */
    void warm(boolean warm) {
        this.warm = warm;
    }

    void start() throws IOException {
        List<String> command = ServerProgram.command("-Xmx2g");
        command.addAll(List.of(
                "--server.port=" + port,
                "--spring.datasource.url=" + database.url(),
                "--salt-drum.data=" + data,
                "--salt-drum.models=" + System.getProperty("salt-drum.models"),
                "--salt-drum.translator-url=" + translator,
                "--salt-drum.outside-url=" + recogniser.address(),
                "--salt-drum.outside-languages=sv"));
        // A server with sign-in has to know its own address.
        more.forEach(option -> command.add(option.replace("{port}", Integer.toString(port))));
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log().toFile()));
        builder.environment().put("SPRING_DATASOURCE_PASSWORD", database.password());
        builder.environment().putAll(S3Server.CALLER);
        process = builder.start();
        Patience.await("the server; see " + log()).until(() -> answers() || !process.isAlive());
        if (!process.isAlive()) {
            throw new IllegalStateException("the server ended; see " + log());
        }
    }

    private boolean answers() {
        try {
            get("/readyz");
            return true;
        } catch (IOException | IllegalStateException notYet) {
            return false;
        }
    }

    /** As a power cut would end it, ffmpeg and all. */
    void kill() {
        List<ProcessHandle> children = process.descendants().toList();
        process.destroyForcibly().onExit().join();
        children.forEach(ProcessHandle::destroyForcibly);
    }

    /** Itself, as kill -9 does it; its children end by themselves. */
    void killAlone() {
        process.destroyForcibly().onExit().join();
    }

    List<ProcessHandle> children() {
        return process.descendants().toList();
    }

    long pid() {
        return process.pid();
    }

    Path data() {
        return data;
    }

    /** What it printed, through all of its starts. */
    Path log() {
        return data.resolveSibling(data.getFileName() + ".log");
    }

    /** The most memory that it has had at once (VmHWM of proc(5)), MiB. */
    long mostMemoryMb() throws IOException {
        for (String line : Files.readAllLines(Path.of("/proc/" + process.pid() + "/status"))) {
            if (line.startsWith("VmHWM:")) {
                return Long.parseLong(line.replaceAll("\\D", "")) / 1024;
            }
        }
        throw new IllegalStateException("the server does not run");
    }

    /** Asks it to end, as `salt-drum stop` does. @return its exit code; 143 is an end by that signal */
    int end() {
        process.destroy();
        return process.onExit().join().exitValue();
    }

    String url() {
        return "http://127.0.0.1:" + port;
    }

    JsonNode get(String path) throws IOException {
        return send(HttpRequest.newBuilder(URI.create(url() + path)).GET().build());
    }

    JsonNode track(String clipId) throws IOException {
        return get("/api/clips/" + clipId + "/track");
    }

    /** Texts of its cues. */
    List<String> cues(String clipId) throws IOException {
        return track(clipId)
                .path("cues")
                .valueStream()
                .map(cue -> cue.path("words")
                        .valueStream()
                        .map(word -> word.path("text").asString())
                        .collect(Collectors.joining(" ")))
                .toList();
    }

    JsonNode post(String path, String body) throws IOException {
        return send(HttpRequest.newBuilder(URI.create(url() + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    /** With a body of JSON. */
    JsonNode send(String method, String path, String body) throws IOException {
        return send(HttpRequest.newBuilder(URI.create(url() + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    JsonNode put(String path, Path file) throws IOException {
        return send(HttpRequest.newBuilder(URI.create(url() + path))
                .PUT(HttpRequest.BodyPublishers.ofFile(file))
                .build());
    }

    /** @return the id of the clip that was added */
    String bring(Path file, String as) throws IOException {
        return put("/api/clips?name=" + URLEncoder.encode(as, StandardCharsets.UTF_8), file)
                .path("id")
                .asString();
    }

    /** Reads a caption or words file into a clip. */
    JsonNode caption(String clipId, Path file) throws IOException {
        return put("/api/clips/" + clipId + "/captions?name=" + file.getFileName(), file);
    }

    /** Reads an SRT file of that text into a clip. */
    JsonNode caption(String clipId, String srt) throws IOException {
        return send(HttpRequest.newBuilder(URI.create(url() + "/api/clips/" + clipId + "/captions?name=words.srt"))
                .PUT(HttpRequest.BodyPublishers.ofString(srt))
                .build());
    }

    /** @return the job, once it is in one of the states */
    JsonNode awaitJob(String jobId, List<String> states) {
        return Patience.await("job " + jobId + " " + states)
                .until(
                        () -> get("/api/jobs/" + jobId),
                        job -> states.contains(job.path("state").asString()));
    }

    /** @return the job, once it has ended in any state */
    JsonNode awaitEnd(String jobId) {
        return awaitJob(jobId, List.of("DONE", "FAILED", "STOPPED"));
    }

    /** @return the file */
    Path download(String path, Path file) throws IOException {
        try (InputStream in = URI.create(url() + path).toURL().openStream()) {
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
        }
        return file;
    }

    private JsonNode send(HttpRequest request) throws IOException {
        try {
            HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() >= 300) {
                throw new IllegalStateException(request.uri() + ": " + answer.statusCode() + " " + answer.body());
            }
            return JSON.readTree(answer.body());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    static void pause(int ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
