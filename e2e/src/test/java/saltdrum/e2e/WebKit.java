package saltdrum.e2e;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Safari's engine, WebKitGTK from Debian's packages, driven by WebDriver (W3C) on a screen that nobody sees (Xvfb). */
final class WebKit implements AutoCloseable {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String DISPLAY = ":97";

    private final HttpClient http = HttpClient.newHttpClient();
    private final String driver;
    private final Process screen;
    private final Process process;
    private final String session;

    WebKit() throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        driver = "http://127.0.0.1:" + port;
        screen = begun(new ProcessBuilder("Xvfb", DISPLAY, "-screen", "0", "1280x900x24"));
        ProcessBuilder builder = new ProcessBuilder("WebKitWebDriver", "--port=" + port);
        builder.environment().put("DISPLAY", DISPLAY);
        builder.environment().put("LIBGL_ALWAYS_SOFTWARE", "1");
        process = begun(builder);
        Patience.await("the driver")
                .ignoreExceptions()
                .until(() -> call("GET", "/status", null).path("ready").asBoolean());
        var options = JSON.createObjectNode().put("binary", browser());
        options.putArray("args").add("--automation");
        var asked = JSON.createObjectNode();
        asked.putObject("capabilities").putObject("alwaysMatch").set("webkitgtk:browserOptions", options);
        session =
                "/session/" + call("POST", "/session", asked).path("sessionId").asString();
        var size = JSON.createObjectNode()
                .put("x", 0)
                .put("y", 0)
                .put("width", 1280)
                .put("height", 860);
        call("POST", session + "/window/rect", size);
    }

    private static Process begun(ProcessBuilder builder) throws IOException {
        return builder.redirectErrorStream(true)
                .redirectOutput(Path.of("target/webkit.log").toFile())
                .start();
    }

    /** Where the package has put it. */
    private static String browser() throws IOException {
        Process list = new ProcessBuilder("dpkg", "-L", "libwebkit2gtk-4.1-0").start();
        return new String(list.getInputStream().readAllBytes())
                .lines()
                .filter(path -> path.endsWith("/MiniBrowser"))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode call(String method, String path, JsonNode body) throws IOException {
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(driver + path))
                    .header("Content-Type", "application/json")
                    .method(
                            method,
                            body == null
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body.toString()))
                    .build();
            JsonNode value = JSON.readTree(http.send(request, HttpResponse.BodyHandlers.ofString())
                            .body())
                    .path("value");
            if (value.has("error")) {
                throw new IllegalStateException(value.toString());
            }
            return value;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    void open(String url) throws IOException {
        call("POST", session + "/url", JSON.createObjectNode().put("url", url));
    }

    /** @return what a script gives that begins with {@code return} */
    JsonNode run(String script) throws IOException {
        var asked = JSON.createObjectNode().put("script", script);
        asked.putArray("args");
        return call("POST", session + "/execute/sync", asked);
    }

    void await(String what, String script) {
        Patience.await(what).until(() -> run("return !!(" + script + ")").asBoolean());
    }

    void click(String selector) throws IOException {
        var asked = JSON.createObjectNode().put("using", "css selector").put("value", selector);
        JsonNode element = call("POST", session + "/element", asked);
        String id = element.properties().iterator().next().getValue().asString();
        call("POST", session + "/element/" + id + "/click", JSON.createObjectNode());
    }

    @Override
    public void close() throws IOException {
        try {
            call("DELETE", session, null);
        } finally {
            List.of(process, screen).forEach(Process::destroy);
        }
    }
}
