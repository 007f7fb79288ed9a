package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import saltdrum.server.TestDatabase;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@SpringBootTest(properties = {"salt-drum.data=target/api-test", "salt-drum.workers=1"})
@AutoConfigureMockMvc
class ApiTest {
    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) throws Exception {
        String url = TestDatabase.url();
        registry.add("spring.datasource.url", () -> url);
    }

    private static final JsonMapper JSON = new JsonMapper();

    @Autowired
    MockMvc mvc;

    private String broughtIn(String name) throws Exception {
        byte[] clip = Files.readAllBytes(Path.of("../demo/clips/tide-pool.mp4"));
        String answer = mvc.perform(put("/api/clips").param("name", name).content(clip))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        return answer;
    }

    /** The front end's types are made from this file: {@code web/openapi.json} must be what the server says. */
    @Test
    void theDescribedApiIsTheOneInTheRepository() throws Exception {
        String said = mvc.perform(get("/api/openapi"))
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        JsonNode ours = JSON.readTree(Files.readString(Path.of("../web/openapi.json")));
        assertThat(JSON.readTree(said)).isEqualTo(ours);
    }

    @Test
    void aClipsNameIsOnlyAName() throws Exception {
        assertThat(broughtIn("../../etc/Crab \"é\" 🦀.mp4")).contains("\"name\":\"Crab \\\"é\\\" 🦀\"");
        assertThat(ClipName.of("..")).isEqualTo("Clip");
        assertThat(ClipName.of("a\u202Egpj.mp4")).isEqualTo("agpj");
    }

    @Test
    void whatIsNoClipIsRefusedInOneSentence() throws Exception {
        mvc.perform(put("/api/clips").param("name", "a.mp4").content(new byte[0]))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("0 bytes")));
        mvc.perform(put("/api/clips").param("name", "a.mp4").content("a letter home".repeat(99)))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("MP4")));
    }

    @Test
    void aForeignPageOrNameGetsNothing() throws Exception {
        mvc.perform(get("/api/clips").header("Origin", "https://elsewhere.example"))
                .andExpect(status().isForbidden());
        mvc.perform(get("/api/clips").with(request -> {
                    request.setServerName("elsewhere.example");
                    return request;
                }))
                .andExpect(status().isForbidden());
    }

    @Test
    void editsNameTheirVersion() throws Exception {
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        String edit = "{\"version\":%d,\"edit\":{\"kind\":\"restyle\",\"style\":\"Lantern\"}}";
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content(edit.formatted(0)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.version").value(1))
                .andExpect(jsonPath("$.undo").value("Style Lantern"));
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content(edit.formatted(0)))
                .andExpect(status().isConflict());
        mvc.perform(post("/api/clips/" + id + "/track/undo")
                        .contentType("application/json")
                        .content("{\"version\":1}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.style").value("Mallet"));
    }

    @Test
    void nonsenseIsAnErrorForAPerson() throws Exception {
        mvc.perform(get("/api/clips/nosuchclip22"))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").exists());
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        mvc.perform(post("/api/clips/" + id + "/words")
                        .contentType("application/json")
                        .content("{\"script\":\"  \"}"))
                .andExpect(status().is(422));
        mvc.perform(post("/api/clips/" + id + "/renders")
                        .contentType("application/json")
                        .content("{\"crf\":99}"))
                .andExpect(status().is(422))
                .andExpect(content().string(org.hamcrest.Matchers.containsString("99")));
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content("{\"version\":0,\"edit\":{\"kind\":\"explode\"}}"))
                .andExpect(status().is4xxClientError());
    }
}
