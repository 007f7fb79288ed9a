package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Findings, limits of a client and measuring, as the page asks for them. */
class CheckApiTest extends OnATrack {
    private JsonNode of(String path) throws Exception {
        return JSON.readTree(mvc.perform(get(path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8));
    }

    @Test
    void findingsFollowEditsAndLimits() throws Exception {
        String id = clip();
        JsonNode first = of("/api/clips/" + id + "/findings");
        assertThat(first.path("picture").asBoolean()).isFalse();
        long cue = track(id).path("cues").path(0).path("id").asLong();
        edit(id, "{\"kind\":\"changeLook\",\"cueIds\":[" + cue + "],\"look\":{\"size\":20}}");
        JsonNode found = of("/api/clips/" + id + "/findings");
        assertThat(found.path("version").asLong())
                .isGreaterThan(first.path("version").asLong());
        assertThat(kinds(found)).contains("size");
        edit(id, "{\"kind\":\"letStand\",\"check\":\"size\",\"at\":" + cue + ",\"reason\":\"Small print.\"}");
        for (JsonNode finding : of("/api/clips/" + id + "/findings").path("findings")) {
            if (finding.path("kind").asString().equals("size")) {
                assertThat(finding.path("reason").asString()).isEqualTo("Small print.");
            }
        }
        JsonNode limits = of("/api/limits");
        String lax = limits.toString().replace("\"smallest\":36.0", "\"smallest\":10.0");
        mvc.perform(put("/api/limits").contentType("application/json").content(lax))
                .andExpect(status().isOk());
        assertThat(kinds(of("/api/clips/" + id + "/findings"))).doesNotContain("size");
        mvc.perform(delete("/api/limits")).andExpect(status().isOk());
        assertThat(of("/api/limits").path("smallest").asDouble()).isEqualTo(36);
        mvc.perform(put("/api/limits")
                        .contentType("application/json")
                        .content(limits.toString().replace("\"lines\":2", "\"lines\":9")))
                .andExpect(status().is4xxClientError());
    }

    @Test
    void allThatCanBeMendedIsMendedAsOneStep() throws Exception {
        String id = clip();
        long cue = track(id).path("cues").path(0).path("id").asLong();
        edit(id, "{\"kind\":\"changeLook\",\"look\":{\"size\":250,\"y\":0.98}}");
        edit(id, "{\"kind\":\"changeLook\",\"cueIds\":[" + cue + "],\"look\":{\"size\":20}}");
        assertThat(mendable(id)).isGreaterThan(1);
        JsonNode ofSize = of("/api/clips/" + id + "/mending?kind=size");
        assertThat(ofSize.path("mended").asInt()).isEqualTo(1);
        JsonNode mending = of("/api/clips/" + id + "/mending");
        assertThat(mending.path("version").asLong())
                .isEqualTo(track(id).path("head").path("version").asLong());
        edit(id, mending.path("edit").toString());
        assertThat(mendable(id)).isEqualTo(mending.path("left").asInt()).isLessThan(3);
        assertThat(of("/api/clips/" + id + "/mending").path("edit").isMissingNode())
                .isTrue();
        // One step, and one step back.
        String undo = "{\"version\":" + track(id).path("head").path("version").asLong() + "}";
        mvc.perform(post("/api/clips/" + id + "/track/undo")
                        .contentType("application/json")
                        .content(undo))
                .andExpect(status().isOk());
        assertThat(mendable(id)).isGreaterThan(1);
        mvc.perform(get("/api/clips/" + id + "/mending").param("kind", "nonsense"))
                .andExpect(status().is4xxClientError());
    }

    /** Findings that need no person's eye or ear. */
    private int mendable(String id) throws Exception {
        int count = 0;
        for (JsonNode finding : of("/api/clips/" + id + "/findings").path("findings")) {
            String kind = finding.path("kind").asString();
            count += Set.of("unsure", "spelling", "twice").contains(kind) ? 0 : 1;
        }
        return count;
    }

    private static String kinds(JsonNode found) {
        StringBuilder kinds = new StringBuilder();
        found.path("findings")
                .forEach(
                        finding -> kinds.append(finding.path("kind").asString()).append(' '));
        return kinds.toString();
    }

    @Test
    void everyKindSaysWhereItsLimitComesFrom() throws Exception {
        JsonNode kinds = of("/api/checks");
        assertThat(kinds.size()).isEqualTo(25);
        kinds.forEach(kind -> assertThat(kind.path("source").asString()).endsWith("."));
    }
}
