package saltdrum.e2e;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.IntFunction;

/** A page with the browser's painter, a scene for it, and pictures that it asks for by their number: painted then, and sent as they are. */
final class PicturesOnDemand implements AutoCloseable {
    private static final String PAGE =
            "<!doctype html><p>parity</p><script src=/painter.js></script><script src=/parity.js></script>";

    private final HttpServer server;
    private volatile String scene;
    private volatile IntFunction<byte[]> painter;

    PicturesOnDemand() throws IOException {
        server = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        says("/page", "text/html", PAGE.getBytes(StandardCharsets.UTF_8));
        says("/painter.js", "text/javascript", Files.readAllBytes(Path.of("../web/build/painter.js")));
        says("/parity.js", "text/javascript", Files.readAllBytes(Path.of("src/test/resources/saltdrum/e2e/parity.js")));
        server.createContext(
                "/scene", exchange -> answer(exchange, "application/json", scene.getBytes(StandardCharsets.UTF_8)));
        server.createContext("/pictures/", exchange -> {
            String number = exchange.getRequestURI().getPath().replaceAll("\\D", "");
            answer(exchange, "application/octet-stream", painter.apply(Integer.parseInt(number)));
        });
        server.start();
    }

    String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    void paintedBy(String newScene, IntFunction<byte[]> newPainter) {
        scene = newScene;
        painter = newPainter;
    }

    private void says(String path, String type, byte[] body) {
        server.createContext(path, exchange -> answer(exchange, type, body));
    }

    private static void answer(HttpExchange exchange, String type, byte[] body) throws IOException {
        try (exchange) {
            exchange.getResponseHeaders().set("Content-Type", type);
            exchange.getResponseHeaders().set("Cache-Control", "no-store");
            exchange.sendResponseHeaders(200, body.length);
            exchange.getResponseBody().write(body);
        }
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
