package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static saltdrum.server.SignedIn.as;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.server.SmallClips;
import saltdrum.server.store.track.TrackHistory;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A clip goes out with all that belongs to it, and comes in as it was. */
class PackageApiTest extends OnATrack {
    @Autowired
    TrackStore tracks;

    @Autowired
    TrackHistory history;

    @Autowired
    JdbcTemplate sql;

    private byte[] packed(String clip) throws Exception {
        MvcResult started = mvc.perform(get("/api/clips/" + clip + "/package")).andReturn();
        return mvc.perform(asyncDispatch(started))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private JsonNode bringIn(byte[] zip, int status) throws Exception {
        MockHttpServletResponse answer = mvc.perform(
                        put("/api/clips").param("name", "a.clip.zip").content(zip))
                .andReturn()
                .getResponse();
        String text = answer.getContentAsString(StandardCharsets.UTF_8);
        assertThat(answer.getStatus()).as(text).isEqualTo(status);
        return JSON.readTree(text);
    }

    private JsonNode json(String path) throws Exception {
        return JSON.readTree(mvc.perform(get(path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8));
    }

    private static Map<String, byte[]> entries(byte[] zip) throws Exception {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    private static byte[] zip(Map<String, byte[]> entries) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    /** With a translation, a look of its own, a step that is undone, and a client. */
    private String worked() throws Exception {
        String clip = clip();
        mvc.perform(put("/api/clips/" + clip + "/translations/sv")).andExpect(status().isOk());
        edit(clip, "{\"kind\":\"restyle\",\"style\":\"Chalk\"}");
        JsonNode cue = track(clip).path("cues").path(0);
        edit(clip, "{\"kind\":\"retypeCue\",\"cueId\":" + cue.path("id").asLong() + ",\"text\":\"Row back home\"}");
        edit(clip, "{\"kind\":\"restyle\",\"style\":\"Anvil\"}");
        step(clip, "undo");
        long client = json(mvc.perform(post("/api/clients")
                                .contentType("application/json")
                                .content("{\"name\":\"The Night Ferry\"}"))
                        .andReturn())
                .path("id")
                .asLong();
        mvc.perform(put("/api/clips/" + clip + "/client")
                .contentType("application/json")
                .content("{\"clientId\":" + client + "}"));
        return clip;
    }

    private static JsonNode json(MvcResult result) throws Exception {
        return JSON.readTree(result.getResponse().getContentAsString(StandardCharsets.UTF_8));
    }

    private void step(String clip, String which) throws Exception {
        long version = track(clip).path("head").path("version").asLong();
        mvc.perform(post("/api/clips/" + clip + "/track/" + which)
                        .contentType("application/json")
                        .content("{\"version\":" + version + "}"))
                .andExpect(status().isOk());
    }

    private long person(String name) {
        return sql.queryForObject(
                "insert into person (name, email, password, role) values (?, ?, '-', 'DESIGNER') returning id",
                Long.class,
                name,
                name + "@pier.example");
    }

    private static List<String> said(JsonNode history) {
        List<String> said = new ArrayList<>();
        history.forEach(step -> said.add(step.path("said").asString() + " " + step.path("undone") + " "
                + step.path("made").asString()));
        return said;
    }

    private JsonNode scene(String clip) throws Exception {
        return json("/api/clips/" + clip + "/scene").path("parts");
    }

    @Test
    void itComesInAsItWas() throws Exception {
        String clip = worked();
        byte[] zip = packed(clip);
        assertThat(entries(zip).keySet()).containsExactly("clip.json", "media/clip.mp4");
        assertThat(entries(zip).get("media/clip.mp4")).isEqualTo(Files.readAllBytes(SmallClips.whole("tide-pool")));

        JsonNode back = bringIn(zip, 200);
        String id = back.path("id").asString();
        assertThat(id).isNotEqualTo(clip);
        assertThat(back.path("name").asString()).isEqualTo("tide");
        assertThat(back.path("client").path("name").asString()).isEqualTo("The Night Ferry");
        assertThat(track(id).path("cues")).isEqualTo(track(clip).path("cues"));
        assertThat(scene(id)).as("the same pixels").isEqualTo(scene(clip));
        assertThat(json("/api/clips/" + id + "/translations/sv").path("cues"))
                .isEqualTo(json("/api/clips/" + clip + "/translations/sv").path("cues"));
        assertThat(said(json("/api/clips/" + id + "/track/history")))
                .hasSizeGreaterThan(3)
                .isEqualTo(said(json("/api/clips/" + clip + "/track/history")));
        // The history goes back and on.
        step(id, "redo");
        assertThat(track(id).path("head").path("style").asString()).isEqualTo("Anvil");
        step(id, "undo");
        step(id, "undo");
        step(clip, "undo");
        assertThat(track(id).path("cues")).isEqualTo(track(clip).path("cues"));
        assertThat(scene(id)).isEqualTo(scene(clip));
    }

    @Test
    void aStyleThatIsAnotherHereComesUnderItsOwnName() throws Exception {
        String clip = worked();
        Map<String, byte[]> entries = entries(packed(clip));
        String json = new String(entries.get("clip.json"), StandardCharsets.UTF_8);
        ObjectNode said = (ObjectNode) JSON.readTree(json);
        for (JsonNode style : said.path("styles")) {
            if (style.path("name").asString().equals("Chalk")) {
                ObjectNode other =
                        (ObjectNode) JSON.readTree(style.path("style").asString());
                other.put("about", "Chalk of another workshop");
                ((ObjectNode) style).put("style", other.toString());
            }
        }
        entries.put("clip.json", said.toString().getBytes(StandardCharsets.UTF_8));
        byte[] zip = zip(entries);
        String id = bringIn(zip, 200).path("id").asString();
        assertThat(track(id).path("head").path("style").asString()).isEqualTo("Chalk, of tide");
        String again = bringIn(zip, 200).path("id").asString();
        assertThat(track(again).path("head").path("style").asString())
                .as("it is here by now")
                .isEqualTo("Chalk, of tide");
        assertThat(json("/api/styles").toString()).contains("\"Chalk\"").doesNotContain("Chalk, of tide 2");
    }

    @Test
    void whatDoesNotFitTogetherIsRefused() throws Exception {
        String clip = worked();
        byte[] whole = packed(clip);
        Map<String, byte[]> entries = entries(whole);
        String json = new String(entries.get("clip.json"), StandardCharsets.UTF_8);

        Map<String, byte[]> other = new LinkedHashMap<>(entries);
        other.put(
                "clip.json",
                json.replaceFirst("\"added\":\\[\\{\"id\":", "\"added\":[{\"id\":9")
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(bringIn(zip(other), 422).path("detail").asString()).contains("do not fit together");
        other.put("clip.json", json.replace("\"nextId\":", "\"nextId\":-").getBytes(StandardCharsets.UTF_8));
        bringIn(zip(other), 422);
        other.put("clip.json", "{}".getBytes(StandardCharsets.UTF_8));
        bringIn(zip(other), 422);
        other = new LinkedHashMap<>(entries);
        other.put("../../evil.sh", new byte[3]);
        assertThat(bringIn(zip(other), 422).path("detail").asString()).contains("do not belong to a clip package");
        other = new LinkedHashMap<>(entries);
        other.remove("media/clip.mp4");
        bringIn(zip(other), 422);
        other.put("media/clip.mp4", "no film".getBytes(StandardCharsets.UTF_8));
        bringIn(zip(other), 422);
        byte[] cut = java.util.Arrays.copyOf(whole, whole.length / 2);
        bringIn(cut, 422);
    }

    /** One took a step back from under a later one of another's, who then changed the same. */
    @Test
    void aStepThatWasTakenBackByItselfComesAlong() throws Exception {
        String clip = clip();
        long first = track(clip).path("cues").path(0).path("id").asLong();
        long mara = person("Mara");
        long ivo = person("Ivo");
        as(mara, () -> tracks.change(clip, TrackVersion.NEWEST, new RetypeCue(first, "Row back")));
        as(ivo, () -> tracks.change(clip, TrackVersion.NEWEST, new Restyle("Anvil")));
        as(mara, () -> history.undo(clip, TrackVersion.NEWEST));
        as(ivo, () -> tracks.change(clip, TrackVersion.NEWEST, new RetypeCue(first, "Row on")));
        JsonNode there = bringIn(packed(clip), 200);
        assertThat(said(json("/api/clips/" + there.path("id").asString() + "/track/history")))
                .isEqualTo(said(json("/api/clips/" + clip + "/track/history")));
    }

    /** Bytes changed anywhere are refused in a sentence, or do no harm. */
    @Test
    void aSpoiltPackageBreaksNothing() throws Exception {
        byte[] whole = packed(clip());
        Map<String, byte[]> entries = entries(whole);
        Random random = new Random(17);
        for (int i = 0; i < 60; i++) {
            byte[] json = entries.get("clip.json").clone();
            for (int k = 0; k <= random.nextInt(3); k++) {
                json[random.nextInt(json.length)] = (byte) "0\"{}[]:,-9xn".charAt(random.nextInt(12));
            }
            Map<String, byte[]> spoilt = new LinkedHashMap<>(entries);
            spoilt.put("clip.json", json);
            MockHttpServletResponse answer = mvc.perform(
                            put("/api/clips").param("name", "a.zip").content(zip(spoilt)))
                    .andReturn()
                    .getResponse();
            assertThat(answer.getStatus())
                    .as(new String(json, StandardCharsets.UTF_8))
                    .isIn(200, 422);
        }
    }
}
