package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import saltdrum.server.SmallClips;

/** A second click within a moment orders nothing twice. */
class SameCallTest extends OverHttp {
    private MockHttpServletResponse order(String body, String key) throws Exception {
        return mvc.perform(post("/api/orders")
                        .contentType("application/json")
                        .header("Idempotency-Key", key)
                        .content(body))
                .andReturn()
                .getResponse();
    }

    private int orders() throws Exception {
        return JSON.readTree(mvc.perform(get("/api/orders"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .size();
    }

    @Test
    void twoAtOnceWithOneKeyAreOneOrder() throws Exception {
        String clip = JSON.readTree(broughtIn("twice.mp4")).path("id").asString();
        String body = "{\"clips\":[\"" + clip + "\"],\"outputs\":[\"POSTER\"]}";
        int before = orders();
        ExecutorService both = Executors.newFixedThreadPool(2);
        try {
            Callable<MockHttpServletResponse> click = () -> order(body, "one click");
            List<Future<MockHttpServletResponse>> answers = both.invokeAll(List.of(click, click));
            MockHttpServletResponse first = answers.get(0).get();
            MockHttpServletResponse second = answers.get(1).get();
            assertThat(first.getStatus()).isEqualTo(200);
            assertThat(second.getStatus()).isEqualTo(200);
            assertThat(second.getContentType()).isEqualTo(first.getContentType());
            assertThat(id(second)).isNotEmpty().isEqualTo(id(first));
        } finally {
            both.shutdownNow();
        }
        assertThat(orders()).isEqualTo(before + 1);
        assertThat(id(order(body, "another click"))).isNotEmpty();
        assertThat(orders()).isEqualTo(before + 2);
    }

    @Test
    void aRefusalIsTheSameRefusal() throws Exception {
        String body = "{\"clips\":[\"nosuchclip22\"],\"outputs\":[\"POSTER\"]}";
        MockHttpServletResponse first = order(body, "refused");
        MockHttpServletResponse second = order(body, "refused");
        assertThat(first.getStatus()).isEqualTo(404);
        assertThat(second.getStatus()).isEqualTo(404);
        assertThat(second.getContentAsString(StandardCharsets.UTF_8))
                .isEqualTo(first.getContentAsString(StandardCharsets.UTF_8))
                .contains("no longer exists");
    }

    @Test
    void oneFileUploadedTwiceWithOneKeyIsOneClip() throws Exception {
        byte[] file = Files.readAllBytes(SmallClips.shortened("three-coats"));
        String first = uploaded(file, "one drop");
        assertThat(uploaded(file, "one drop")).isEqualTo(first);
        assertThat(uploaded(file, "another drop")).isNotEqualTo(first);
    }

    private String uploaded(byte[] file, String key) throws Exception {
        String answer = mvc.perform(put("/api/clips")
                        .param("name", "dropped.mp4")
                        .contentType("application/octet-stream")
                        .header("Idempotency-Key", key)
                        .content(file))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        return JSON.readTree(answer).path("id").asString();
    }

    private static String id(MockHttpServletResponse answer) throws Exception {
        return JSON.readTree(answer.getContentAsString(StandardCharsets.UTF_8))
                .path("order")
                .path("id")
                .asString();
    }
}
