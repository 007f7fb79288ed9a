package saltdrum.e2e;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import saltdrum.core.Json;

/** A simulated outside translator: it knows no language, and answers each text with its words' beginnings. */
final class SimulatedTranslator {
    static final AtomicInteger TEXTS = new AtomicInteger();

    private SimulatedTranslator() {}

    record Question(String from, String to, List<String> texts) {}

    static String start() throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/translate", exchange -> {
            String asked = new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8);
            Question question = Json.read(asked, Question.class, "question");
            List<String> texts = new ArrayList<>();
            question.texts().forEach(text -> texts.add(question.to() + " " + text.replaceAll("(\\w{2})\\w+", "$1")));
            TEXTS.set(texts.size());
            byte[] answer = Json.write(Map.of("texts", texts)).getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(200, answer.length);
            exchange.getResponseBody().write(answer);
            exchange.close();
        });
        server.start();
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/translate";
    }
}
