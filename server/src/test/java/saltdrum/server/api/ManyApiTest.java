package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** One change to many clips. */
class ManyApiTest extends OnATrack {
    private JsonNode many(String body, int status) throws Exception {
        return JSON.readTree(mvc.perform(
                        post("/api/clips/many").contentType("application/json").content(body))
                .andExpect(status().is(status))
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8));
    }

    private String style(String clip) throws Exception {
        return track(clip).path("head").path("style").asString();
    }

    @Test
    void aStyleGoesToEachAndIsUndoneOneByOne() throws Exception {
        String one = clip();
        String other = clip();
        String before = style(one);
        String next = before.equals("Chalk") ? "Mallet" : "Chalk";
        JsonNode changed = many(
                "{\"clips\":[\"" + one + "\",\"" + other + "\"],\"style\":\"" + next.toLowerCase(java.util.Locale.ROOT)
                        + "\"}",
                200);
        assertThat(changed.path("changed").asInt()).isEqualTo(2);
        assertThat(style(one)).isEqualTo(next);
        assertThat(style(other)).isEqualTo(next);
        mvc.perform(post("/api/clips/" + one + "/track/undo")
                        .contentType("application/json")
                        .content("{\"version\":"
                                + track(one).path("head").path("version").asLong() + "}"))
                .andExpect(status().isOk());
        assertThat(style(one)).isEqualTo(before);
        assertThat(style(other)).isEqualTo(next);
    }

    @Test
    void aRecipeBreaksEach() throws Exception {
        String one = clip();
        String other = clip();
        JsonNode recipe = track(one).path("head").path("recipe");
        String single = recipe.toString().replaceAll("\"words\":\\d+", "\"words\":1");
        many("{\"clips\":[\"" + one + "\",\"" + other + "\"],\"recipe\":" + single + "}", 200);
        assertThat(track(one).path("cues").size()).as("a word a cue").isEqualTo(4);
        assertThat(track(other).path("cues").size()).isEqualTo(4);
    }

    @Test
    void nonsenseChangesNothing() throws Exception {
        String one = clip();
        long version = track(one).path("head").path("version").asLong();
        many("{\"clips\":[],\"style\":\"Chalk\"}", 422);
        many("{\"clips\":[\"" + one + "\"]}", 422);
        many("{\"clips\":[\"" + one + "\"],\"style\":\"Cardboard\"}", 422);
        many("{\"clips\":[\"" + one + "\",\"nosuchclip22\"],\"style\":\"Chalk\"}", 404);
        assertThat(track(one).path("head").path("version").asLong()).isEqualTo(version);
    }
}
