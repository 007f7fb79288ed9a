package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.JsonNode;

/** What the page paints: only what changed, and looks that are only tried. */
class SceneApiTest extends OverHttp {
    @Test
    void aSceneSendsOnlyWhatChanged() throws Exception {
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        StringBuilder srt = new StringBuilder();
        for (int i = 0; i < 9; i++) {
            srt.append("%d\n00:00:0%d,000 --> 00:00:0%d,900\nRow home%n\n".formatted(i + 1, i, i));
        }
        mvc.perform(put("/api/clips/" + id + "/captions").param("name", "a.srt").content(srt.toString()))
                .andExpect(status().isOk());
        String scene = "/api/clips/" + id + "/scene";
        ResultActions first = mvc.perform(get(scene))
                .andExpect(jsonPath("$.version").value(1))
                .andExpect(jsonPath("$.before").doesNotExist())
                .andExpect(jsonPath("$.parts.length()").value(9));
        String tag = tag(first);
        Set<String> before = glyphs(first);
        JsonNode track = JSON.readTree(mvc.perform(get("/api/clips/" + id + "/track"))
                .andReturn()
                .getResponse()
                .getContentAsString());
        String edit = "{\"version\":1,\"edit\":{\"kind\":\"retypeCue\",\"cueId\":"
                + track.path("cues").get(4).path("id").asLong() + ",\"text\":\"Row quay\"}}";
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content(edit))
                .andExpect(status().isOk());
        Set<String> sent = glyphs(mvc.perform(get(scene).param("since", tag))
                .andExpect(jsonPath("$.version").value(2))
                .andExpect(jsonPath("$.before").value(tag))
                .andExpect(jsonPath("$.from").value(4))
                .andExpect(jsonPath("$.removed").value(1))
                .andExpect(jsonPath("$.parts.length()").value(1)));
        // A page that has a scene that is not known here gets all of it.
        Set<String> all = glyphs(mvc.perform(get(scene).param("since", "none"))
                .andExpect(jsonPath("$.before").doesNotExist())
                .andExpect(jsonPath("$.parts.length()").value(9)));
        // How many they are depends on the style, which is the one that this server used last.
        assertThat(sent).isNotEmpty().doesNotContainAnyElementsOf(before);
        before.addAll(sent);
        assertThat(all).isEqualTo(before);
    }

    /** Two pages on a translation: what the first track became was kept from the one that had asked before. */
    @Test
    void aTranslationsSceneFollowsTheFirstTrackOnEveryPage() throws Exception {
        String id = ofTwoCues();
        String translation = "/api/clips/" + id + "/translations/es";
        mvc.perform(put(translation)).andExpect(status().isOk());
        JsonNode cues = JSON.readTree(mvc.perform(get("/api/clips/" + id + "/track"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .path("cues");
        for (int i = 0; i < 2; i++) {
            String text = "{\"kind\":\"retypeCue\",\"cueId\":" + cues.path(i).path("id") + ",\"text\":\"a casa\"}";
            mvc.perform(post(translation + "/edits")
                            .contentType("application/json")
                            .content("{\"version\":" + i + ",\"edit\":" + text + "}"))
                    .andExpect(status().isOk());
        }
        String scene = "/api/clips/" + id + "/scene?language=es";
        String tag = tag(mvc.perform(get(scene)));
        mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content("{\"version\":1,\"edit\":{\"kind\":\"deleteCues\",\"cueIds\":["
                                + cues.path(1).path("id") + "]}}"))
                .andExpect(status().isOk());
        mvc.perform(get(scene)).andExpect(jsonPath("$.parts.length()").value(1));
        JsonNode patch = JSON.readTree(mvc.perform(get(scene).param("since", tag))
                .andExpect(jsonPath("$.before").value(tag))
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(patch.path("removed").asInt() - patch.path("parts").size()).isEqualTo(1);
    }

    /** @return the id of a clip of two cues */
    private String ofTwoCues() throws Exception {
        String id = JSON.readTree(broughtIn("tide.mp4")).path("id").asString();
        String srt = "1\n00:00:00,100 --> 00:00:00,500\nRow home\n\n2\n00:00:01,100 --> 00:00:01,900\nat tide\n";
        mvc.perform(put("/api/clips/" + id + "/captions").param("name", "a.srt").content(srt))
                .andExpect(status().isOk());
        return id;
    }

    private static String tag(ResultActions scene) throws Exception {
        return JSON.readTree(scene.andReturn().getResponse().getContentAsString())
                .path("tag")
                .asString();
    }

    private static Set<String> glyphs(ResultActions scene) throws Exception {
        JsonNode answer = JSON.readTree(scene.andReturn().getResponse().getContentAsString());
        return new TreeSet<>(answer.path("glyphs").propertyNames());
    }

    @Test
    void aStyleIsTriedWithoutATrace() throws Exception {
        String id = ofTwoCues();
        String attempt = "/api/clips/" + id + "/scene/attempt";
        String tried = mvc.perform(post(attempt)
                        .param("fromMs", "1000")
                        .param("toMs", "1500")
                        .contentType("application/json")
                        .content("{\"kind\":\"changeLook\",\"look\":{\"size\":61.5}}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.parts.length()").value(1))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(tried).contains("\"size\":61.5");
        mvc.perform(post(attempt)
                        .contentType("application/json")
                        .content("{\"kind\":\"changeLook\",\"look\":{\"size\":9000}}"))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("from 8 to 600")));
        mvc.perform(get("/api/clips/" + id + "/track"))
                .andExpect(jsonPath("$.head.version").value(1));
        mvc.perform(get("/api/clips/" + id + "/track/history"))
                .andExpect(jsonPath("$.length()").value(1));
    }
}
