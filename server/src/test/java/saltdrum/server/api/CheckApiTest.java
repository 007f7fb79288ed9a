package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

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
