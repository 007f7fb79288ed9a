package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** How captions move, and which words ask for emphasis. */
class MotionApiTest extends OnATrack {
    @Test
    void aMotionIsKeptByItselfAndIsNoStyle() throws Exception {
        String id = clip();
        edit(
                id,
                "{\"kind\":\"changeLook\",\"look\":{\"exit\":{\"way\":\"DROP\",\"by\":\"LETTER\",\"order\":\"RANDOM\","
                        + "\"stagger\":10,\"ms\":200,\"strength\":1,\"curve\":\"spring(0.4)\"}}}");
        mvc.perform(post("/api/clips/" + id + "/motions")
                        .contentType("application/json")
                        .content("{\"name\":\"Sinking\",\"over\":false}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.look.exit.way").value("DROP"))
                .andExpect(jsonPath("$.look.size").doesNotExist());
        mvc.perform(get("/api/motions"))
                .andExpect(jsonPath("$[?(@.name == 'Sinking')]").isNotEmpty());
        mvc.perform(get("/api/styles"))
                .andExpect(jsonPath("$[?(@.name == 'Sinking')]").isEmpty());
        mvc.perform(get("/api/clips/" + id + "/motions/Gulls/sample"))
                .andExpect(jsonPath("$.parts[0].marks").isNotEmpty());
        mvc.perform(post("/api/clips/" + id + "/styles")
                        .contentType("application/json")
                        .content("{\"name\":\"Sinking\",\"about\":\"\",\"over\":true}"))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(containsString("the name of a motion")));
        mvc.perform(delete("/api/styles/Sinking")).andExpect(status().isOk());
    }

    @Test
    void aCurveIsDrawnOrRefused() throws Exception {
        mvc.perform(get("/api/curve").param("of", "linear"))
                .andExpect(jsonPath("$.samples[24]").value(0.5));
        mvc.perform(get("/api/curve").param("of", "cubic-bezier(9,9,9,9)")).andExpect(status().is(422));
    }

    @Test
    void aMotionThatIsOutOfRangeIsRefusedAndNothingIsChanged() throws Exception {
        String id = clip();
        long version = track(id).path("head").path("version").asLong();
        for (String look : new String[] {
            "{\"spoken\":[{\"kind\":\"moonwalk\"}]}",
            "{\"accents\":[{\"kind\":\"glow\",\"colour\":\"#ffffff\",\"reach\":0.2,\"pulses\":8,\"ms\":900}]}",
            "{\"entrance\":{\"way\":\"POP\",\"by\":\"WORD\",\"order\":\"VOICE\",\"stagger\":3600000,\"ms\":1,\"strength\":1,\"curve\":\"linear\"}}",
            "{\"exit\":{\"way\":\"POP\",\"by\":\"WORD\",\"order\":\"VOICE\",\"stagger\":0,\"ms\":1,\"strength\":1,\"curve\":\"cubic-bezier(NaN,0,0,1)\"}}",
        }) {
            mvc.perform(post("/api/clips/" + id + "/track/edits")
                            .contentType("application/json")
                            .content("{\"version\":" + version + ",\"edit\":{\"kind\":\"changeLook\",\"look\":" + look
                                    + "}}"))
                    .andExpect(status().is4xxClientError())
                    .andExpect(jsonPath("$.detail").isNotEmpty());
        }
        assertThat(track(id).path("head").path("version").asLong()).isEqualTo(version);
    }

    @Test
    void wordsThatAskForEmphasisAreSuggestedAsLongAsTheyHaveNone() throws Exception {
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        String srt = "1\n00:00:00,100 --> 00:00:01,900\nWe never row home at three when it is dark\n";
        mvc.perform(put("/api/clips/" + id + "/captions").param("name", "a.srt").content(srt));
        JsonNode found = JSON.readTree(
                mvc.perform(get("/api/clips/" + id + "/track/suggestions").param("strength", "1"))
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString());
        assertThat(found).isNotEmpty();
        long word = found.get(0).path("wordId").asLong();
        assertThat(found.get(0).path("because").asString()).isNotBlank();
        edit(id, "{\"kind\":\"setEmphasis\",\"wordIds\":[" + word + "],\"emphasis\":1}");
        mvc.perform(get("/api/clips/" + id + "/track/suggestions").param("strength", "1"))
                .andExpect(jsonPath("$[?(@.wordId == " + word + ")]").isEmpty());
        mvc.perform(get("/api/clips/" + id + "/track/suggestions").param("strength", "7"))
                .andExpect(status().is(422));
    }
}
