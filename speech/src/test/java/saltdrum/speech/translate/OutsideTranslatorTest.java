package saltdrum.speech.translate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import saltdrum.core.SaltDrumException;

class OutsideTranslatorTest {
    private HttpServer server;
    private String asked;

    private OutsideTranslator answering(String body) throws Exception {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", exchange -> {
            asked = new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8);
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(200, bytes.length);
            exchange.getResponseBody().write(bytes);
            exchange.close();
        });
        server.start();
        return new OutsideTranslator(
                URI.create("http://127.0.0.1:" + server.getAddress().getPort() + "/"), Duration.ofSeconds(5));
    }

    @AfterEach
    void stop() {
        server.stop(0);
    }

    private static List<String> translate(OutsideTranslator translator) {
        return translator.translate(List.of("three coats", "thin as tea"), "en", "sv", () -> false);
    }

    @Test
    void textsGoOutAndComeBackInOrder() throws Exception {
        assertThat(translate(answering("{\"texts\":[\"tre lager\",\"tunt som te\"]}")))
                .containsExactly("tre lager", "tunt som te");
        assertThat(asked).contains("\"from\":\"en\"", "\"to\":\"sv\"", "\"texts\":[\"three coats\",\"thin as tea\"]");
    }

    @Test
    void anAnswerOfAnotherLengthIsRefused() throws Exception {
        OutsideTranslator translator = answering("{\"texts\":[\"tre lager\"]}");
        assertThatThrownBy(() -> translate(translator))
                .isInstanceOf(SaltDrumException.class)
                .hasMessageContaining("1 texts for 2");
    }

    @Test
    void anAnswerThatCannotBeReadIsSaidSo() throws Exception {
        OutsideTranslator translator = answering("<html>");
        assertThatThrownBy(() -> translate(translator)).hasMessageContaining("cannot be read");
    }
}
