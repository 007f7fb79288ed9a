package saltdrum.e2e;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.util.function.IntFunction;

/** Pictures that a page asks for by their number, painted when they are asked for and sent as they are. */
final class PicturesOnDemand implements AutoCloseable {
    private final HttpServer server;
    private volatile IntFunction<byte[]> painter;

    PicturesOnDemand() throws IOException {
        server = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        server.createContext("/", this::answer);
        server.start();
    }

    String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    void paintedBy(IntFunction<byte[]> painter) {
        this.painter = painter;
    }

    private void answer(HttpExchange exchange) throws IOException {
        try (exchange) {
            byte[] picture = painter.apply(
                    Integer.parseInt(exchange.getRequestURI().getPath().substring(1)));
            exchange.getResponseHeaders().set("Access-Control-Allow-Origin", "*");
            exchange.sendResponseHeaders(200, picture.length);
            exchange.getResponseBody().write(picture);
        }
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
