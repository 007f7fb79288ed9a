package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a phone covers is in the frames of clips, and places and breaks follow it. */
class ZonesApiTest extends OnATrack {
    private JsonNode frame(String id) throws Exception {
        return track(id).path("head").path("frame");
    }

    private JsonNode safe(String id) throws Exception {
        return track(id).path("head").path("layout").path("safe");
    }

    private double down(String id) throws Exception {
        return look(id).path("y").asDouble();
    }

    private JsonNode look(String id) throws Exception {
        return JSON.readTree(mvc.perform(get("/api/clips/" + id + "/look"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .path("look");
    }

    @Test
    void zonesOfTheWorkshopReachItsClipsAndNewOnes() throws Exception {
        String id = clip();
        edit(id, "{\"kind\":\"reframe\",\"frame\":{\"aspect\":\"TALL\",\"sit\":\"FILL\",\"barColour\":\"#0f2a2e\"}}");
        assertThat(safe(id).path("height").asDouble()).isCloseTo(0.7, within(1e-9));
        double before = down(id);
        String zones = "{\"bar\":0.2,\"buttons\":0.1,\"buttonsFrom\":0.4,\"text\":0.3,\"side\":0.05}";
        mvc.perform(put("/api/zones").contentType("application/json").content(zones))
                .andExpect(status().isOk());
        assertThat(safe(id).path("height").asDouble()).isCloseTo(0.5, within(1e-9));
        assertThat(frame(id).path("zones").path("text").asDouble()).isEqualTo(0.3);
        assertThat(down(id)).as("a place in the safe area goes with it").isNotEqualTo(before);
        assertThat(frame(clip()).path("zones").path("text").asDouble()).isEqualTo(0.3);
        edit(id, "{\"kind\":\"reframe\",\"frame\":{\"aspect\":\"SQUARE\",\"sit\":\"FILL\",\"barColour\":\"#0f2a2e\"}}");
        assertThat(frame(id).path("zones").path("text").asDouble())
                .as("another frame keeps them")
                .isEqualTo(0.3);
        String away = clip();
        mvc.perform(delete("/api/clips/" + away)).andExpect(status().is2xxSuccessful());
        mvc.perform(delete("/api/zones")).andExpect(status().isOk());
        mvc.perform(post("/api/clips/" + away + "/back")).andExpect(status().is2xxSuccessful());
        assertThat(safe(away)).as("a clip that comes back").isEqualTo(safe(clip()));
        assertThat(frame(id).path("zones").isNull() || frame(id).path("zones").isMissingNode())
                .isTrue();
    }

    @Test
    void aPlaceDownIsOfTheFrameInEditsAndKeptInTheSafeArea() throws Exception {
        String id = clip();
        edit(id, "{\"kind\":\"reframe\",\"frame\":{\"aspect\":\"TALL\",\"sit\":\"FILL\",\"barColour\":\"#0f2a2e\"}}");
        edit(id, "{\"kind\":\"changeLook\",\"look\":{\"y\":0.45}}");
        assertThat(down(id)).isEqualTo(0.45);
        assertThat(look(id).path("within").asString()).isEqualTo("SAFE");
        edit(id, "{\"kind\":\"changeLook\",\"look\":{\"within\":\"FRAME\"}}");
        assertThat(down(id)).isEqualTo(0.45);
        assertThat(look(id).path("within").asString()).isEqualTo("FRAME");
    }

    @Test
    void breaksFollowTheStyleInItsStep() throws Exception {
        String id = JSON.readTree(broughtIn("long.mp4")).path("id").asString();
        // New clips take the style that was used last, whose letters may be large.
        edit(id, "{\"kind\":\"changeLook\",\"look\":{\"size\":60}}");
        String words = "{\"language\":\"en\",\"words\":[" + word("Until", 0.1) + "," + word("the", 0.4) + ","
                + word("harbour", 0.7) + "," + word("bell", 1.0) + "]}";
        mvc.perform(put("/api/clips/" + id + "/captions")
                        .param("name", "a.json")
                        .content(words))
                .andExpect(status().isOk());
        int before = track(id).path("cues").size();
        edit(id, "{\"kind\":\"changeLook\",\"look\":{\"size\":150}}");
        JsonNode after = track(id);
        assertThat(after.path("cues").size() > before
                        || after.path("cues").get(0).path("lineStarts").size() > 0)
                .isTrue();
        assertThat(after.path("head").path("undo").asString()).doesNotContain("Break");
        long version = after.path("head").path("version").asLong();
        mvc.perform(post("/api/clips/" + id + "/track/undo")
                        .contentType("application/json")
                        .content("{\"version\":" + version + "}"))
                .andExpect(status().isOk());
        assertThat(track(id).path("cues").size()).isEqualTo(before);
    }

    private static String word(String text, double start) {
        return "{\"text\":\"" + text + "\",\"start\":" + start + ",\"end\":" + (start + 0.28) + "}";
    }
}
