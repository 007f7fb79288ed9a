package saltdrum.cli.bench.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import saltdrum.core.SaltDrumException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The running server as a benchmark asks it. What it refuses is an error that says the refusal. */
final class ServerCalls {
    private final HttpClient http = HttpClient.newHttpClient();
    private final String url;

    /** @param url without a slash at its end */
    ServerCalls(String url) {
        this.url = url;
    }

    /** The one that the launcher has started for a bench and nothing else. */
    static ServerCalls own(String bench) {
        return new ServerCalls(ownUrl(bench));
    }

    static String ownUrl(String bench) {
        String port = System.getenv("SALT_DRUM_SIEGE_PORT");
        if (port == null) {
            throw new SaltDrumException("This wants a server of its own: run it by ./salt-drum bench " + bench + ".");
        }
        return "http://127.0.0.1:" + port;
    }

    /** Its process. */
    static long ownPid() throws IOException {
        return Long.parseLong(Files.readString(Path.of(System.getenv("SALT_DRUM_HOME"), "server.pid"))
                .strip());
    }

    JsonNode get(String path) throws IOException {
        return send("GET", path, BodyPublishers.noBody());
    }

    JsonNode post(String path) throws IOException {
        return send("POST", path, BodyPublishers.noBody());
    }

    JsonNode post(String path, String json) throws IOException {
        return send("POST", path, BodyPublishers.ofString(json));
    }

    JsonNode put(String path, Path file) throws IOException {
        return send("PUT", path, BodyPublishers.ofFile(file));
    }

    JsonNode put(String path, String text) throws IOException {
        return send("PUT", path, BodyPublishers.ofString(text));
    }

    void delete(String path) throws IOException {
        send("DELETE", path, BodyPublishers.noBody());
    }

    private JsonNode send(String method, String path, BodyPublisher body) throws IOException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", "application/json")
                .method(method, body)
                .build();
        try {
            var response = http.send(request, BodyHandlers.ofString());
            if (response.statusCode() >= 300) {
                throw new SaltDrumException(
                        method + " " + path + " was answered " + response.statusCode() + ": " + response.body());
            }
            return response.body().isEmpty() ? null : JsonMapper.shared().readTree(response.body());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }
}
