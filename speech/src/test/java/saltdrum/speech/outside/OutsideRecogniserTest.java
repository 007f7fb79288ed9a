package saltdrum.speech.outside;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.speech.recognise.Recogniser;

class OutsideRecogniserTest {
    private static final String ANSWER =
            "{\"language\":\"de\",\"words\":[{\"text\":\"Guten\",\"start\":0.1,\"end\":0.4,\"confidence\":0.9},"
                    + "{\"text\":\"Abend\",\"start\":0.5,\"end\":9.0},{\"text\":\"spät\",\"start\":5,\"end\":6}]}";

    private final List<String> asked = new ArrayList<>();
    private final AtomicInteger calls = new AtomicInteger();
    private HttpServer server;

    /** Answers with these status codes in turn, the last one for ever. */
    private OutsideRecogniser answering(String body, int pauseMs, int... codes) throws Exception {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/words", exchange -> {
            int call = calls.getAndIncrement();
            byte[] sound = exchange.getRequestBody().readAllBytes();
            asked.add(exchange.getRequestURI().getQuery() + " " + sound.length);
            if (pauseMs > 0) {
                try {
                    Thread.sleep(pauseMs);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                }
            }
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(codes[Math.min(call, codes.length - 1)], bytes.length);
            exchange.getResponseBody().write(bytes);
            exchange.close();
        });
        server.start();
        URI address = URI.create("http://127.0.0.1:" + server.getAddress().getPort() + "/words");
        return new OutsideRecogniser(address, Set.of("de"), Duration.ofSeconds(pauseMs > 0 ? 1 : 10));
    }

    @AfterEach
    void stop() {
        if (server != null) {
            server.stop(0);
        }
    }

    private static List<Word> recognise(OutsideRecogniser outside) {
        List<Word> words = new ArrayList<>();
        outside.recognise(
                Sound.of(new short[16_000]),
                new Recogniser.Asked("de", "Fähre & Co", List.of()),
                heard -> words.addAll(heard.plainWords()),
                () -> false);
        return words;
    }

    @Test
    void aWavGoesOutAndWordsComeBack() throws Exception {
        List<Word> words = recognise(answering(ANSWER, 0, 200));
        assertThat(asked).containsExactly("language=de&name=Fähre & Co 32044");
        assertThat(words)
                .extracting(w -> w.text() + w.startMs() + "-" + w.endMs() + w.source() + w.confidence())
                .containsExactly("Guten100-400RECOGNISED0.9", "Abend500-1000RECOGNISED1.0");
    }

    @Test
    void aServerErrorIsTriedAgain() throws Exception {
        assertThat(recognise(answering(ANSWER, 0, 503, 200))).hasSize(2);
        assertThat(calls).hasValue(2);
    }

    @Test
    void aRefusalIsNotTriedAgain() throws Exception {
        OutsideRecogniser outside = answering("no", 0, 403);
        assertThatThrownBy(() -> recognise(outside))
                .isInstanceOf(SaltDrumException.class)
                .hasMessageContaining("answered 403");
        assertThat(calls).hasValue(1);
    }

    @Test
    void anAnswerThatIsNoWordsFileIsSaidSo() throws Exception {
        OutsideRecogniser outside = answering("<html>", 0, 200);
        assertThatThrownBy(() -> recognise(outside)).hasMessageContaining("not a words file");
    }

    @Test
    void silenceFromTheOtherSideEnds() throws Exception {
        OutsideRecogniser outside = answering(ANSWER, 3000, 200);
        assertThatThrownBy(() -> recognise(outside)).hasMessageContaining("did not answer in 1 s");
    }

    @Test
    void anAddressOfAnotherKindIsRefused() {
        assertThatThrownBy(() -> new OutsideRecogniser(URI.create("file:///etc"), Set.of("de"), Duration.ofSeconds(1)))
                .isInstanceOf(BadInputException.class);
    }
}
