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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Looks that are bent, and styles that are kept. */
class StyleApiTest extends OnATrack {
    @Test
    void aLookIsBentSavedTakenAndSaysWhereItComesFrom() throws Exception {
        String id = clip();
        long cue = track(id).path("cues").get(0).path("id").asLong();
        edit(id, "{\"kind\":\"changeLook\",\"look\":{\"size\":71}}");
        edit(id, "{\"kind\":\"changeLook\",\"cueIds\":[" + cue + "],\"look\":{\"tilt\":3}}");
        mvc.perform(get("/api/clips/" + id + "/look").param("cueId", String.valueOf(cue)))
                .andExpect(jsonPath("$.look.size").value(71))
                .andExpect(jsonPath("$.origins[?(@.facet == 'size')].origin").value("TRACK"))
                .andExpect(jsonPath("$.origins[?(@.facet == 'tilt')].origin").value("CUE"))
                .andExpect(jsonPath("$.origins[?(@.facet == 'fill')].origin").value("STYLE"))
                .andExpect(jsonPath("$.origins[?(@.facet == 'stretch')].origin").value("REST"));
        mvc.perform(post("/api/clips/" + id + "/styles")
                        .contentType("application/json")
                        .content("{\"name\":\"Neap\",\"about\":\"Small\",\"over\":false}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.version").value(1));
        edit(id, "{\"kind\":\"restyle\",\"style\":\"neap\"}");
        JsonNode head = track(id).path("head");
        assertThat(head.path("style").asString()).isEqualTo("Neap");
        assertThat(head.path("styling").path("version").asInt()).isEqualTo(1);
        assertThat(head.path("styling").path("all").size()).isZero();
        mvc.perform(get("/api/clips/" + id + "/look"))
                .andExpect(jsonPath("$.look.size").value(71))
                .andExpect(jsonPath("$.origins[?(@.facet == 'size')].origin").value("STYLE"));
        // A version more of the style leaves the clip as it is.
        edit(id, "{\"kind\":\"changeLook\",\"look\":{\"size\":99}}");
        mvc.perform(post("/api/clips/" + id + "/styles")
                        .contentType("application/json")
                        .content("{\"name\":\"Neap\",\"over\":true}"))
                .andExpect(jsonPath("$.version").value(2));
        edit(id, "{\"kind\":\"changeLook\",\"reset\":[\"size\"]}");
        mvc.perform(get("/api/clips/" + id + "/look"))
                .andExpect(jsonPath("$.look.size").value(71));
        mvc.perform(get("/api/styles"))
                .andExpect(jsonPath("$[?(@.name == 'Neap')].version").value(2));
        edit(id, "{\"kind\":\"restyle\",\"style\":\"Neap\"}");
        mvc.perform(get("/api/clips/" + id + "/look"))
                .andExpect(jsonPath("$.look.size").value(99));
    }

    @Test
    void aStyleSaysHowManyClipsUseItAndListsItsVersions() throws Exception {
        String id = clip();
        mvc.perform(post("/api/clips/" + id + "/styles")
                        .contentType("application/json")
                        .content("{\"name\":\"Undertow\",\"over\":false}"))
                .andExpect(status().isOk());
        mvc.perform(get("/api/styles/Undertow/uses"))
                .andExpect(jsonPath("$.clips").value(0));
        edit(id, "{\"kind\":\"restyle\",\"style\":\"Undertow\"}");
        edit(id, "{\"kind\":\"changeLook\",\"look\":{\"size\":33}}");
        mvc.perform(get("/api/styles/Undertow/uses"))
                .andExpect(jsonPath("$.clips").value(1))
                .andExpect(jsonPath("$.clients").value(0));
        mvc.perform(post("/api/clips/" + id + "/styles")
                        .contentType("application/json")
                        .content("{\"name\":\"Undertow\",\"over\":true}"))
                .andExpect(status().isOk());
        mvc.perform(get("/api/styles/Undertow/versions"))
                .andExpect(jsonPath("$[0].version").value(2))
                .andExpect(jsonPath("$[1].version").value(1))
                .andExpect(jsonPath("$[1].made").isNotEmpty());
        mvc.perform(post("/api/styles/Undertow/versions/1/take"))
                .andExpect(jsonPath("$.version").value(3));
        // Taken out of the strip, it is still the clip's.
        mvc.perform(delete("/api/styles/Undertow")).andExpect(status().isOk());
        mvc.perform(get("/api/styles/Undertow/uses"))
                .andExpect(jsonPath("$.clips").value(1));
    }

    @Test
    void aStyleGoesOutAsAFileAndComesInAgain() throws Exception {
        String file = mvc.perform(get("/api/styles/Lantern/file"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        String other = file.replace("\"Lantern\"", "\"Night lamp\"").replace("\"Baloo 2\"", "\"Unheard Sans\"");
        mvc.perform(post("/api/styles/file")
                        .contentType("application/octet-stream")
                        .content(other))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.styles[0].name").value("Night lamp"))
                .andExpect(jsonPath("$.styles[0].exists").value(false))
                .andExpect(jsonPath("$.styles[0].missing[0]").value("Unheard Sans"));
        mvc.perform(get("/api/styles/Night lamp/versions")).andExpect(status().is(422));
        mvc.perform(post("/api/styles/file")
                        .param("take", "true")
                        .contentType("application/octet-stream")
                        .content(other))
                .andExpect(status().isOk());
        mvc.perform(put("/api/styles/Night lamp")
                        .contentType("application/json")
                        .content("{\"name\":\"Day lamp\"}"))
                .andExpect(jsonPath("$.name").value("Day lamp"));
        mvc.perform(delete("/api/styles/Day lamp"))
                .andExpect(jsonPath("$.putAway").value(true));
        mvc.perform(get("/api/styles"))
                .andExpect(jsonPath("$[?(@.name == 'Day lamp')]").isEmpty());
        mvc.perform(post("/api/styles/Day lamp/restore"))
                .andExpect(jsonPath("$.putAway").value(false));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "{",
                "[]",
                "{\"name\":\"x\",\"look\":{\"size\":1e999}}",
                "{\"form\":3,\"name\":\"x\",\"look\":{\"shine\":1}}",
                "{\"form\":3,\"name\":\"x\",\"shine\":1}",
                "{\"form\":99,\"name\":\"x\"}",
                "{\"form\":3,\"name\":\"\"}",
            })
    void aBadStyleFileIsToldAndNothingOfItIsTaken(String file) throws Exception {
        mvc.perform(post("/api/styles/file")
                        .param("take", "true")
                        .contentType("application/octet-stream")
                        .content(file))
                .andExpect(status().is4xxClientError())
                .andExpect(jsonPath("$.detail").isNotEmpty());
        mvc.perform(get("/api/styles"))
                .andExpect(jsonPath("$[?(@.name == 'x')]").isEmpty());
    }

    @Test
    void aFileThatIsFarTooLargeIsRefused() throws Exception {
        String voices = "{\"role\":\"r\"},".repeat(40_000);
        mvc.perform(post("/api/styles/file")
                        .contentType("application/octet-stream")
                        .content("{\"form\":3,\"name\":\"x\",\"emphasis\":[" + voices + "{}]}"))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail").value(containsString("too large for a style file")));
    }

    @Test
    void looksInAnAssFileComeInAsStyles() throws Exception {
        String ass = "[Script Info]\nPlayResX: 1080\nPlayResY: 1920\n[V4+ Styles]\n"
                + "Format: Name, Fontname, Fontsize, PrimaryColour\nStyle: Pier,Anton,90,&H0000FFFF\nStyle: Buoy,Oswald,70,&H00FFFFFF\n";
        mvc.perform(post("/api/styles/file")
                        .param("take", "true")
                        .contentType("application/octet-stream")
                        .content(ass))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.styles.length()").value(2));
        mvc.perform(get("/api/styles"))
                .andExpect(jsonPath("$[?(@.name == 'Pier')]").isNotEmpty());
        mvc.perform(delete("/api/styles/Pier"));
        mvc.perform(delete("/api/styles/Buoy"));
    }

    @Test
    void aNewClipStartsWithTheStyleThatWasTakenLast() throws Exception {
        edit(clip(), "{\"kind\":\"restyle\",\"style\":\"Tidemark\"}");
        String next = JSON.readTree(broughtIn("next.mp4")).path("id").asString();
        assertThat(track(next).path("head").path("style").asString()).isEqualTo("Tidemark");
        edit(next, "{\"kind\":\"restyle\",\"style\":\"Mallet\"}");
    }

    @Test
    void everyFacetIsDescribed() throws Exception {
        mvc.perform(get("/api/facets"))
                .andExpect(jsonPath("$[0].label").value("Type"))
                .andExpect(jsonPath("$[*].facets[?(@.name == 'size')].most").value(600.0));
        mvc.perform(get("/api/typefaces"))
                .andExpect(jsonPath("$[?(@.name == 'Anton')]").isNotEmpty());
    }

    @Test
    void newClipsOfAClientStartWithItsStyle() throws Exception {
        long client = JSON.readTree(mvc.perform(post("/api/clients")
                                .contentType("application/json")
                                .content("{\"name\":\"Harbour Oven\"}"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .path("id")
                .asLong();
        String path = "/api/clients/" + client + "/style";
        mvc.perform(put(path).contentType("application/json").content("{\"style\":\"Foghorn\"}"))
                .andExpect(status().is(422));
        mvc.perform(put(path).contentType("application/json").content("{\"style\":\"tidemark\"}"))
                .andExpect(jsonPath("$.style").value("Tidemark"));
        String fresh = clip();
        String styled = clip();
        edit(styled, "{\"kind\":\"restyle\",\"style\":\"Lantern\"}");
        for (String id : new String[] {fresh, styled}) {
            mvc.perform(put("/api/clips/" + id + "/client")
                            .contentType("application/json")
                            .content("{\"clientId\":" + client + "}"))
                    .andExpect(status().isOk());
        }
        assertThat(track(fresh).path("head").path("style").asString()).isEqualTo("Tidemark");
        assertThat(track(styled).path("head").path("style").asString()).isEqualTo("Lantern");
        mvc.perform(put(path).contentType("application/json").content("{}"))
                .andExpect(jsonPath("$.style").doesNotExist());
    }

    @Test
    void aClipGoesWithTheNewNameOfItsStyleInItsHistoryToo() throws Exception {
        String id = clip();
        mvc.perform(post("/api/clips/" + id + "/styles")
                        .contentType("application/json")
                        .content("{\"name\":\"Flood\",\"over\":false}"))
                .andExpect(status().isOk());
        edit(id, "{\"kind\":\"restyle\",\"style\":\"Flood\"}");
        edit(id, "{\"kind\":\"restyle\",\"style\":\"Lantern\"}");
        mvc.perform(put("/api/styles/Flood").contentType("application/json").content("{\"name\":\"High water\"}"))
                .andExpect(status().isOk());
        long version = track(id).path("head").path("version").asLong();
        mvc.perform(post("/api/clips/" + id + "/track/undo")
                        .contentType("application/json")
                        .content("{\"version\":" + version + "}"))
                .andExpect(jsonPath("$.head.style").value("High water"));
        mvc.perform(put("/api/styles/High water")
                        .contentType("application/json")
                        .content("{\"name\":\"Spate\"}"))
                .andExpect(status().isOk());
        assertThat(track(id).path("head").path("style").asString()).isEqualTo("Spate");
        mvc.perform(get("/api/clips/" + id + "/scene")).andExpect(status().isOk());
    }
}
