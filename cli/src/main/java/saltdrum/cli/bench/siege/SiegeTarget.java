package saltdrum.cli.bench.siege;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;

/** The server under test. */
final class SiegeTarget {
    private final HttpClient http = HttpClient.newHttpClient();
    private final String url;

    SiegeTarget(String url) {
        this.url = url;
    }

    /** @param path with its query, encoded */
    SiegeAnswer ask(String method, String path, String contentType, byte[] body) throws IOException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", contentType)
                .timeout(Duration.ofSeconds(60))
                .method(method, BodyPublishers.ofByteArray(body))
                .build();
        long start = System.nanoTime();
        try {
            var answer = http.send(request, BodyHandlers.ofByteArray());
            String type = answer.headers().firstValue("Content-Type").orElse("");
            return new SiegeAnswer(answer.statusCode(), type, answer.body(), (System.nanoTime() - start) / 1_000_000);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    SiegeAnswer get(String path) throws IOException {
        return ask("GET", path, "application/json", new byte[0]);
    }

    SiegeAnswer post(String path, String json) throws IOException {
        return ask("POST", path, "application/json", json.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }
}
