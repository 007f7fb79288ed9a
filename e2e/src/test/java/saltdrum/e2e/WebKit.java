package saltdrum.e2e;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** Safari's engine, WebKitGTK from Debian's packages, driven by WebDriver (W3C) on a virtual screen (Xvfb). */
final class WebKit extends Engine {
    private static final File LOG = new File("target/webkit.log");

    private final HttpClient http = HttpClient.newHttpClient();
    private final String driver;
    private final Process screen;
    private final Process process;
    private final String session;

    WebKit() throws IOException {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        driver = "http://127.0.0.1:" + port;
        // It chooses a display that is free and writes its number.
        screen = new ProcessBuilder("Xvfb", "-displayfd", "1", "-screen", "0", "1280x900x24")
                .redirectError(LOG)
                .start();
        String display = ":" + screen.inputReader().readLine();
        ProcessBuilder builder = new ProcessBuilder("WebKitWebDriver", "--port=" + port);
        builder.environment().put("DISPLAY", display);
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
        // The window has a bar of its own.
        var size = JSON.createObjectNode()
                .put("x", 0)
                .put("y", 0)
                .put("width", WIDTH)
                .put("height", HEIGHT + 60);
        call("POST", session + "/window/rect", size);
    }

    private static Process begun(ProcessBuilder builder) throws IOException {
        return builder.redirectErrorStream(true).redirectOutput(LOG).start();
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

    @Override
    void open(String url) throws IOException {
        call("POST", session + "/url", JSON.createObjectNode().put("url", url));
    }

    @Override
    public JsonNode run(String body) throws IOException {
        // The last argument is what ends it (WebDriver, "execute async script").
        var asked = JSON.createObjectNode()
                .put(
                        "script",
                        "const end = arguments[arguments.length - 1]; (async () => {" + body
                                + "})().then((value) => end([JSON.stringify(value)]), (fault) => end([null, String(fault)]))");
        asked.putArray("args");
        JsonNode told = call("POST", session + "/execute/async", asked);
        if (told.size() > 1) {
            throw new IllegalStateException(told.path(1).asString());
        }
        return told.path(0).isString() ? JSON.readTree(told.path(0).asString()) : JSON.missingNode();
    }

    @Override
    void act(ArrayNode actions) throws IOException {
        call("POST", session + "/actions", JSON.createObjectNode().set("actions", actions));
    }

    @Override
    void chooseFile(String selector, Path file) throws IOException {
        var asked = JSON.createObjectNode().put("using", "css selector").put("value", selector);
        JsonNode element = call("POST", session + "/element", asked);
        String id = element.properties().iterator().next().getValue().asString();
        var path = JSON.createObjectNode().put("text", file.toAbsolutePath().toString());
        call("POST", session + "/element/" + id + "/value", path);
    }

    @Override
    byte[] picture() throws IOException {
        return Base64.getDecoder()
                .decode(call("GET", session + "/screenshot", null).asString());
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
