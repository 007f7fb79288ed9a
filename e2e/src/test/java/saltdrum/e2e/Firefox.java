package saltdrum.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.util.FileSystemUtils;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Debian's Firefox without a window, driven by WebDriver BiDi (W3C) over the socket that Firefox itself opens: Playwright wants
 * a Firefox of its own making, and the drivers for Debian's are programs that no registry here has.
 */
final class Firefox extends Engine {
    private static final Pattern LISTENING = Pattern.compile("WebDriver BiDi listening on (ws://\\S+)");
    /** Silent towards the outside; sound and video play without a click. */
    private static final Map<String, String> PREFERENCES = Map.of(
            "app.normandy.enabled", "false",
            "app.update.enabled", "false",
            "browser.safebrowsing.malware.enabled", "false",
            "browser.shell.checkDefaultBrowser", "false",
            "datareporting.policy.dataSubmissionEnabled", "false",
            "extensions.update.enabled", "false",
            "media.autoplay.default", "0",
            "network.captive-portal-service.enabled", "false",
            "network.connectivity-service.enabled", "false",
            "services.settings.server", "\"data:,\"");

    private final Path profile = Files.createTempDirectory("firefox");
    private final Path log = Path.of("target/firefox.log").toAbsolutePath();
    private final Process process;
    private final WebSocket socket;
    private final AtomicInteger asked = new AtomicInteger();
    private final Map<Integer, CompletableFuture<JsonNode>> waiting = new ConcurrentHashMap<>();
    private final String context;

    Firefox() throws IOException {
        StringBuilder preferences = new StringBuilder();
        PREFERENCES.forEach((name, value) -> preferences.append("user_pref(\"%s\", %s);%n".formatted(name, value)));
        Files.writeString(profile.resolve("user.js"), preferences);
        ProcessBuilder builder = new ProcessBuilder(
                "firefox-esr",
                "--headless",
                "--no-remote",
                "--profile",
                profile.toString(),
                "--remote-debugging-port",
                "0");
        builder.environment().put("MOZ_HEADLESS_WIDTH", Integer.toString(WIDTH));
        process = builder.redirectErrorStream(true).redirectOutput(log.toFile()).start();
        socket = HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create(address() + "/session"), new Listener())
                .join();
        call("session.new", JSON.createObjectNode().set("capabilities", JSON.createObjectNode()));
        context = call("browsingContext.getTree", JSON.createObjectNode())
                .path("contexts")
                .path(0)
                .path("context")
                .asString();
        ObjectNode size = JSON.createObjectNode().put("context", context);
        size.putObject("viewport").put("width", WIDTH).put("height", HEIGHT);
        call("browsingContext.setViewport", size);
    }

    private String address() {
        return Patience.await("Firefox")
                .until(
                        () -> {
                            Matcher said = LISTENING.matcher(Files.readString(log));
                            return said.find() ? said.group(1) : null;
                        },
                        found -> found != null);
    }

    private final class Listener implements WebSocket.Listener {
        private final StringBuilder begun = new StringBuilder();

        @Override
        public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
            begun.append(data);
            if (last) {
                JsonNode answer = JSON.readTree(begun.toString());
                begun.setLength(0);
                CompletableFuture<JsonNode> asker =
                        waiting.remove(answer.path("id").asInt(-1));
                if (asker != null) {
                    asker.complete(answer);
                }
            }
            from.request(1);
            return null;
        }
    }

    private JsonNode call(String method, JsonNode parameters) throws IOException {
        int id = asked.incrementAndGet();
        CompletableFuture<JsonNode> answer = new CompletableFuture<>();
        waiting.put(id, answer);
        ObjectNode command = JSON.createObjectNode().put("id", id).put("method", method);
        command.set("params", parameters);
        socket.sendText(command.toString(), true).join();
        try {
            JsonNode told = answer.get(Patience.LIMIT.toSeconds(), TimeUnit.SECONDS);
            if (!told.path("type").asString().equals("success")) {
                throw new IllegalStateException(told.toString());
            }
            return told.path("result");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        } catch (ExecutionException | TimeoutException e) {
            throw new IOException(method + " was not answered", e);
        }
    }

    private ObjectNode inThePage() {
        return JSON.createObjectNode().put("context", context);
    }

    @Override
    void open(String url) throws IOException {
        call("browsingContext.navigate", inThePage().put("url", url).put("wait", "complete"));
    }

    @Override
    public JsonNode run(String body) throws IOException {
        ObjectNode script = JSON.createObjectNode()
                .put("expression", "(async () => JSON.stringify(await (async () => {" + body + "})()))()")
                .put("awaitPromise", true);
        script.set("target", inThePage());
        JsonNode told = call("script.evaluate", script);
        if (!told.path("type").asString().equals("success")) {
            throw new IllegalStateException(
                    told.path("exceptionDetails").path("text").asString());
        }
        String value = told.path("result").path("value").asString("");
        return value.isEmpty() ? JSON.missingNode() : JSON.readTree(value);
    }

    @Override
    void act(ArrayNode actions) throws IOException {
        call("input.performActions", inThePage().set("actions", actions));
    }

    @Override
    void chooseFile(String selector, Path file) throws IOException {
        ObjectNode search = inThePage();
        search.putObject("locator").put("type", "css").put("value", selector);
        JsonNode found =
                call("browsingContext.locateNodes", search).path("nodes").path(0);
        ObjectNode chosen = inThePage();
        chosen.putObject("element").put("sharedId", found.path("sharedId").asString());
        chosen.putArray("files").add(file.toAbsolutePath().toString());
        call("input.setFiles", chosen);
    }

    @Override
    byte[] picture() throws IOException {
        return Base64.getDecoder()
                .decode(call("browsingContext.captureScreenshot", inThePage())
                        .path("data")
                        .asString());
    }

    @Override
    public void close() throws IOException {
        try {
            call("browser.close", JSON.createObjectNode());
            process.waitFor(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            process.destroyForcibly();
            FileSystemUtils.deleteRecursively(profile);
        }
    }
}
