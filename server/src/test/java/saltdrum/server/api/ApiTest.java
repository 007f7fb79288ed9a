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
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import saltdrum.server.store.clip.ClipName;

class ApiTest extends OverHttp {
    /** The front end's types are made from this file: {@code web/openapi.json} must be what the server says. */
    @Test
    void theDescribedApiIsTheOneInTheRepository() throws Exception {
        String said = mvc.perform(get("/api/openapi"))
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        Path kept = Path.of("../web/openapi.json");
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(
                    kept, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(JSON.readTree(said)) + "\n");
        }
        assertThat(JSON.readTree(said)).isEqualTo(JSON.readTree(Files.readString(kept)));
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
        String first = styleOf(id);
        // Another test may have settled what a new clip begins with.
        List<String> others = Stream.of("Lantern", "Chalk", "Anvil")
                .filter(style -> !style.equals(first))
                .toList();
        String edit = "{\"version\":0,\"edit\":{\"kind\":\"restyle\",\"style\":\"%s\"}}";
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content(edit.formatted(others.get(0))))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.head.version").value(1))
                .andExpect(jsonPath("$.head.undo").value("Style " + others.get(0)));
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content(edit.formatted(others.get(1))))
                .andExpect(status().isConflict());
        mvc.perform(post("/api/clips/" + id + "/track/undo")
                        .contentType("application/json")
                        .content("{\"version\":1}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.head.style").value(first));
    }

    /** A clip that is new starts with the style that was taken last, which other tests decide. */
    private String styleOf(String id) throws Exception {
        return JSON.readTree(mvc.perform(get("/api/clips/" + id + "/track"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .path("head")
                .path("style")
                .asString();
    }

    @Test
    void aStyleThatIsNotThereIsRefusedWhenItIsAskedFor() throws Exception {
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        String first = styleOf(id);
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content("{\"version\":0,\"edit\":{\"kind\":\"restyle\",\"style\":\"Foghorn\"}}"))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("Tidemark")));
        assertThat(styleOf(id)).isEqualTo(first);
    }

    /** It was answered without a word. */
    @Test
    void aRequestThatCannotBeReadIsToldWhere() throws Exception {
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        String edits = "/api/clips/" + id + "/track/edits";
        mvc.perform(post(edits)
                        .contentType("application/json")
                        .content("{\"version\":0,\"edit\":{\"kind\":\"lock\",\"cueIds\":[\"one\"],\"locked\":true}}"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("edit.cueIds")));
        mvc.perform(post(edits).contentType("application/json").content("{\"version\":"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("cannot be read")));
        mvc.perform(post(edits).contentType("application/json"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("no readable body")));
    }

    @Test
    void aCaptionFileComesInWithItsRepairsAndGoesOutAgain() throws Exception {
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        String srt = "7\n00:00:00,100 --> 00:00:00,500\nRow <b>home</b>\n";
        mvc.perform(put("/api/clips/" + id + "/captions").param("name", "a.srt").content(srt))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.words").value(2))
                .andExpect(jsonPath("$.repairs[0]").value("Line 2: the cue is numbered 7, it is cue 1"));
        mvc.perform(get("/api/clips/" + id + "/captions/SRT"))
                .andExpect(status().isOk())
                .andExpect(content().string("1\n00:00:00,100 --> 00:00:00,500\nRow home\n\n"));
        mvc.perform(get("/api/clips/" + id + "/captions"))
                .andExpect(jsonPath("$[?(@.format == 'SRT')].loses[1]").value("the emphasis of 1 word"));
        mvc.perform(put("/api/clips/" + id + "/captions").param("name", "a.srt").content("a letter home"))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("no cue")));
        mvc.perform(post("/api/clips/" + id + "/captions/streams/0"))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value("The clip has no caption stream 1."));
        mvc.perform(get("/api/clips/" + id + "/track"))
                .andExpect(jsonPath("$.head.undo").value("Import 1 cue from a file"));
    }

    @Test
    void theGlossaryIsOneListAndRefusesNonsense() throws Exception {
        mvc.perform(put("/api/glossary")
                        .contentType("application/json")
                        .content("{\"terms\":[{\"term\":\"Skarholm\",\"sayAs\":\"scar home\"},{\"term\":\"Astrid\"}]}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.terms[0].term").value("Astrid"))
                .andExpect(jsonPath("$.terms[1].sayAs").value("scar home"));
        mvc.perform(put("/api/glossary").contentType("application/json").content("{\"terms\":[{\"term\":\" \"}]}"))
                .andExpect(status().is(422));
        mvc.perform(get("/api/glossary")).andExpect(jsonPath("$.terms.length()").value(2));
    }

    @Test
    void everyLanguageTellsWhatCanBeDoneInIt() throws Exception {
        mvc.perform(get("/api/languages"))
                .andExpect(jsonPath("$[?(@.tag == 'en')].measured").value(true))
                .andExpect(jsonPath("$[?(@.tag == 'sv')].recognised").value(false))
                .andExpect(jsonPath("$.length()").value(org.hamcrest.Matchers.greaterThan(150)));
    }

    /** Half a surrogate pair ended the process inside the shaper; NUL was more than the database holds. */
    @Test
    void charactersThatCannotBeKeptAreMendedWhereTheyComeIn() throws Exception {
        String id = JSON.readTree(broughtIn("a\0b.mp4")).path("id").asString();
        String words = "{\"language\":\"en\",\"words\":[{\"text\":\"a\\ud800b\\u0000\",\"start\":0.1,\"end\":0.5}]}";
        mvc.perform(put("/api/clips/" + id + "/captions")
                        .param("name", "a\0.json")
                        .content(words))
                .andExpect(status().isOk());
        String edit =
                "{\"version\":1,\"edit\":{\"kind\":\"addCue\",\"fromMs\":1000,\"toMs\":4000,\"text\":\"\\udc00 ok\\u0000\\uffff\"}}";
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content(edit))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cues[0].words[0].text").value("\uFFFD"))
                .andExpect(jsonPath("$.cues[0].words[1].text").value("ok"));
        mvc.perform(get("/api/clips/" + id + "/scene")).andExpect(status().isOk());
        mvc.perform(get("/api/clips/" + id + "/captions/TTML"))
                .andExpect(status().isOk())
                .andExpect(content().string(org.hamcrest.Matchers.containsString("a\uFFFDb")));
        mvc.perform(post("/api/clients")
                        .contentType("application/json")
                        .content("{\"name\":\"Sand\\u0000piper\\ud83d\"}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.name").value("Sandpiper\uFFFD"));
        mvc.perform(get("/api/clips/" + id + "/scene").param("language", "s\0v"))
                .andExpect(status().isNotFound());
    }

    @Test
    void aSoundThatIsNotThereIsRefused() throws Exception {
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        mvc.perform(put("/api/clips/" + id + "/sound")
                        .contentType("application/json")
                        .content("{\"sound\":\"3:1\"}"))
                .andExpect(status().is(422));
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
                        .content("{\"how\":{\"crf\":99}}"))
                .andExpect(status().is(422))
                .andExpect(content().string(org.hamcrest.Matchers.containsString("99")));
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content("{\"version\":0,\"edit\":{\"kind\":\"explode\"}}"))
                .andExpect(status().is4xxClientError());
    }
}
