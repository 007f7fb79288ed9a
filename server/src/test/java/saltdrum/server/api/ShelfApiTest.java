package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;

/** Clips that are looked for, put away, thrown away, brought back and copied. */
class ShelfApiTest extends OnATrack {
    private JsonNode answer(MockHttpServletRequestBuilder request, int status) throws Exception {
        String text = mvc.perform(request)
                .andExpect(status().is(status))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        return text.isEmpty() ? JSON.nullNode() : JSON.readTree(text);
    }

    private JsonNode shelf(String shelf, String q) throws Exception {
        return answer(get("/api/clips").param("shelf", shelf).param("q", q), 200);
    }

    private static List<String> ids(JsonNode clips) {
        return clips.valueStream().map(clip -> clip.path("id").asString()).toList();
    }

    private void say(String clip, String text) throws Exception {
        JsonNode cue = track(clip).path("cues").path(0);
        edit(clip, "{\"kind\":\"retypeCue\",\"cueId\":" + cue.path("id").asLong() + ",\"text\":\"" + text + "\"}");
    }

    @Test
    void aClipIsFoundByWhatIsSaidInIt() throws Exception {
        String one = clip();
        String other = clip();
        say(one, "Zwielicht am Bootshäuschen");
        JsonNode found = shelf("HERE", "bootshausch zwie");
        assertThat(ids(found)).containsExactly(one);
        JsonNode place = found.path(0).path("found");
        assertThat(place.path("cue").asString()).isEqualTo("Zwielicht am Bootshäuschen");
        // Of the first term that is said at all.
        assertThat(place.path("atMs").asInt())
                .isEqualTo(track(one)
                        .path("cues")
                        .path(0)
                        .path("words")
                        .path(2)
                        .path("startMs")
                        .asInt());
        assertThat(ids(shelf("HERE", "zwielicht nowhere-said"))).isEmpty();
        assertThat(ids(shelf("HERE", "%")))
                .as("signs of the pattern are letters")
                .doesNotContain(one, other);
        assertThat(ids(shelf("HERE", "  "))).contains(one, other);
    }

    @Test
    void aClipIsFoundByItsNameAndItsClients() throws Exception {
        String one = clip();
        answer(
                put("/api/clips/" + one + "/name")
                        .contentType("application/json")
                        .content("{\"name\":\" Pitch_pine \"}"),
                200);
        assertThat(ids(shelf("HERE", "pitch_PINE tide")))
                .as("name and words together")
                .containsExactly(one);
        assertThat(shelf("HERE", "pitch_pine").path(0).has("found")).isFalse();
        long client = answer(
                        post("/api/clients")
                                .contentType("application/json")
                                .content("{\"name\":\"Quay Street School\"}"),
                        200)
                .path("id")
                .asLong();
        answer(
                put("/api/clips/" + one + "/client")
                        .contentType("application/json")
                        .content("{\"clientId\":" + client + "}"),
                200);
        assertThat(ids(shelf("HERE", "quay"))).containsExactly(one);
        assertThat(ids(answer(get("/api/clips").param("client", "" + client), 200)))
                .containsExactly(one);
        assertThat(ids(answer(get("/api/clips").param("client", "0"), 200))).doesNotContain(one);
        answer(
                put("/api/clips/" + one + "/name")
                        .contentType("application/json")
                        .content("{\"name\":\" \"}"),
                422);
    }

    @Test
    void theArchiveIsAShelfOfItsOwn() throws Exception {
        String one = clip();
        String path = "/api/clips/" + one;
        answer(put(path + "/archived").contentType("application/json").content("{\"archived\":true}"), 200);
        assertThat(ids(shelf("HERE", ""))).doesNotContain(one);
        assertThat(ids(shelf("ARCHIVED", ""))).contains(one);
        assertThat(answer(get(path), 200).path("shelf").asString()).isEqualTo("ARCHIVED");
        answer(put(path + "/archived").contentType("application/json").content("{\"archived\":false}"), 200);
        assertThat(ids(shelf("HERE", ""))).contains(one);
    }

    @Test
    void whatIsRemovedComesBackAsItWas() throws Exception {
        String one = clip();
        say(one, "Row on home");
        JsonNode before = track(one);
        String path = "/api/clips/" + one;
        answer(delete(path), 200);
        answer(get(path), 404);
        answer(delete(path), 404);
        answer(put(path + "/name").contentType("application/json").content("{\"name\":\"x\"}"), 404);
        assertThat(ids(shelf("HERE", ""))).doesNotContain(one);
        assertThat(ids(shelf("REMOVED", "row on"))).contains(one);
        String late = "{\"version\":" + before.path("head").path("version").asLong()
                + ",\"edit\":{\"kind\":\"restyle\",\"style\":\"Chalk\"}}";
        answer(post(path + "/track/edits").contentType("application/json").content(late), 404);
        answer(post(path + "/back"), 200);
        assertThat(track(one)).isEqualTo(before);
        answer(post(path + "/back"), 404);
        answer(delete(path + "/for-good"), 404);
        answer(delete(path), 200);
        answer(delete(path + "/for-good"), 200);
        answer(post(path + "/back"), 404);
        assertThat(ids(shelf("REMOVED", ""))).doesNotContain(one);
    }

    @Test
    void aCopyHasTheCaptionsAndALifeOfItsOwn() throws Exception {
        String one = clip();
        answer(put("/api/clips/" + one + "/translations/sv"), 200);
        JsonNode copy = answer(post("/api/clips/" + one + "/copy"), 200);
        String id = copy.path("id").asString();
        assertThat(copy.path("name").asString()).isEqualTo("tide copy");
        assertThat(track(id).path("cues")).isEqualTo(track(one).path("cues"));
        assertThat(track(id).path("head").path("version").asLong()).isZero();
        assertThat(copy.path("translations").toString()).isEqualTo("[\"sv\"]");
        say(one, "Something else");
        assertThat(track(id).path("cues").toString()).contains("Row").doesNotContain("Something");
        say(id, "A third thing");
        assertThat(track(one).path("cues").toString()).doesNotContain("third");
    }

    @Test
    void howFarAClipIsFollowsItsHistory() throws Exception {
        String bare = JSON.readTree(broughtIn("bare.mp4")).path("id").asString();
        assertThat(answer(get("/api/clips/" + bare), 200).path("standing").asString())
                .isEqualTo("NO_WORDS");
        String one = clip();
        String path = "/api/clips/" + one;
        assertThat(answer(get(path), 200).path("standing").asString()).isEqualTo("WORDS");
        edit(one, "{\"kind\":\"restyle\",\"style\":\"Chalk\"}");
        JsonNode styled = answer(get(path), 200);
        assertThat(styled.path("standing").asString()).isEqualTo("STYLE");
        assertThat(styled.has("openFindings")).isFalse();
        answer(
                post(path + "/track/undo")
                        .contentType("application/json")
                        .content("{\"version\":"
                                + track(one).path("head").path("version").asLong() + "}"),
                200);
        assertThat(answer(get(path), 200).path("standing").asString()).isEqualTo("WORDS");
        JsonNode findings = answer(get(path + "/findings"), 200).path("findings");
        JsonNode looked = answer(get(path), 200);
        assertThat(looked.path("openFindings").asInt()).isEqualTo(findings.size());
        say(one, "Row home now");
        assertThat(answer(get(path), 200).has("openFindings"))
                .as("another version was looked at")
                .isFalse();
        assertThat(answer(get(path + "/since"), 200).path("delivered").asBoolean())
                .isFalse();
    }
}
