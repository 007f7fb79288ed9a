package saltdrum.speech.outside;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;

/**
 * A simulated outside recogniser, for trying out the connection: it recognises nothing and answers with the words
 * file {@code NAME.words.json} of a folder.
 */
public final class SimulatedRecogniser implements AutoCloseable {
    private final Path folder;
    private final HttpServer server;

    /** @param port of loopback; 0 for any that is free */
    public SimulatedRecogniser(Path folder, int port) throws IOException {
        this.folder = folder;
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.createContext("/words", this::answer);
        server.start();
    }

    public String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/words";
    }

    private void answer(HttpExchange exchange) throws IOException {
        exchange.getRequestBody().transferTo(OutputStream.nullOutputStream());
        String name = Arrays.stream(
                        String.valueOf(exchange.getRequestURI().getRawQuery()).split("&"))
                .filter(part -> part.startsWith("name="))
                .map(part -> URLDecoder.decode(part.substring(5), StandardCharsets.UTF_8))
                .findFirst()
                .orElse("");
        // A plain name in that folder and nothing else.
        String file = name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-") + ".words.json";
        Path words = folder.resolve(file);
        boolean there = Files.isRegularFile(words);
        byte[] body = there ? Files.readAllBytes(words) : ("There is no " + file).getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", there ? "application/json" : "text/plain; charset=utf-8");
        exchange.sendResponseHeaders(there ? 200 : 404, body.length);
        exchange.getResponseBody().write(body);
        exchange.close();
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
