package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import saltdrum.core.MayBeMissing;
import saltdrum.core.edit.Edit;
import tools.jackson.databind.JsonNode;

/** Every refusal is a sentence (RFC 9457) without class names, from any layer. */
class RefusedApiTest extends OnATrack {
    private String refused(int status, MockHttpServletRequestBuilder request) throws Exception {
        MockHttpServletResponse response = mvc.perform(request).andReturn().getResponse();
        String body = response.getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        assertThat(response.getStatus()).as(body).isEqualTo(status);
        assertThat(response.getContentType()).startsWith("application/problem+json");
        String detail = JSON.readTree(body).path("detail").asString();
        assertThat(detail).endsWith(".").hasSizeBetween(15, 300).doesNotContain("java", "`", "Exception", "token");
        return detail;
    }

    @Test
    void nobodyElsewhereIsAnsweredWhereNobodySignsIn() throws Exception {
        assertThat(refused(403, get("/api/clips").header("X-Forwarded-For", "192.0.2.7")))
                .contains("SALT_DRUM_URL");
        assertThat(refused(403, get("/api/clips").header("Forwarded", "for=192.0.2.7")))
                .contains("SALT_DRUM_URL");
    }

    @Test
    void malformedCallsAreAnsweredInASentence() throws Exception {
        String id = clip();
        String edits = "/api/clips/" + id + "/track/edits";
        refused(400, post(edits).contentType("application/json").content("{"));
        refused(400, post(edits).contentType("application/json").content(""));
        refused(400, post(edits).contentType("application/json").content("[]"));
        assertThat(refused(400, post(edits).contentType("application/json").content("{\"version\":\"x\"}")))
                .contains("“version”");
        assertThat(refused(
                        400,
                        post(edits)
                                .contentType("application/json")
                                .content("{\"version\":1,\"edit\":{\"kind\":\"sinkCue\"}}")))
                .contains("“sinkCue” is not a known kind");
        assertThat(
                        refused(
                                400,
                                post(edits)
                                        .contentType("application/json")
                                        .content(
                                                ""
                                                        + "{\"version\":1,\"edit\":{\"kind\":\"lock\",\"cueIds\":[],\"locked\":true,\"tide\":1}}")))
                .contains("“tide” is unknown");
        refused(415, post(edits).contentType("text/plain").content("row home"));
        refused(405, put(edits).contentType("application/json").content("{}"));
        refused(404, get("/api/nothing/here"));
        refused(404, get("/api/clips/nowhere00000"));
        assertThat(refused(400, put("/api/clips"))).contains("“name” is missing");
        assertThat(refused(
                        400, get("/api/clips/" + id + "/styles/Mallet/sample").param("cueId", "soon")))
                .contains("“soon” is not valid for “cueId”");
    }

    @Test
    void whatTheDatabaseCannotKeepIsTheCallersFault() throws Exception {
        String id = clip();
        long version = track(id).path("head").path("version").asLong();
        String language = "en-" + "x".repeat(50);
        int status = mvc.perform(post("/api/clips/" + id + "/track/edits")
                        .contentType("application/json")
                        .content("{\"version\":" + version + ",\"edit\":{\"kind\":\"setLanguage\",\"language\":\""
                                + language + "\"}}"))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(status).isEqualTo(422);
        refused(422, put("/api/clips").param("name", "a\u0000b.mp4").content(new byte[9]));
    }

    /** Every kind of edit without each of its fields, and with null in it. */
    @Test
    void anEditThatLacksSomethingIsRefusedByTheFieldsName() throws Exception {
        String id = clip();
        long version = track(id).path("head").path("version").asLong();
        for (JsonSubTypes.Type kind : Edit.kinds()) {
            RecordComponent[] parts = kind.value().getRecordComponents();
            for (RecordComponent left : parts) {
                for (boolean isNull : new boolean[] {true, false}) {
                    List<String> fields = new ArrayList<>(List.of("\"kind\":\"" + kind.name() + "\""));
                    for (RecordComponent part : parts) {
                        if (part != left) {
                            fields.add("\"" + part.getName() + "\":" + some(part.getType()));
                        } else if (isNull) {
                            fields.add("\"" + part.getName() + "\":null");
                        }
                    }
                    String edit = "{" + String.join(",", fields) + "}";
                    MockHttpServletResponse response = mvc.perform(post("/api/clips/" + id + "/track/edits")
                                    .contentType("application/json")
                                    .content("{\"version\":" + version + ",\"edit\":" + edit + "}"))
                            .andReturn()
                            .getResponse();
                    JsonNode answer =
                            JSON.readTree(response.getContentAsString(java.nio.charset.StandardCharsets.UTF_8));
                    if (response.getStatus() == 200) {
                        assertThat(left.isAnnotationPresent(MayBeMissing.class))
                                .as(edit)
                                .isTrue();
                        version = track(id).path("head").path("version").asLong();
                        continue;
                    }
                    assertThat(response.getStatus()).as(edit + " " + answer).isBetween(400, 422);
                    String detail = answer.path("detail").asString();
                    assertThat(detail).as(edit).isNotBlank();
                    boolean object = !left.getType().isPrimitive();
                    if (object
                            && !left.isAnnotationPresent(MayBeMissing.class)
                            && !detail.contains("not the expected value")) {
                        assertThat(detail).as(edit).contains("“" + left.getName() + "” is missing");
                    }
                }
            }
        }
    }

    /** Something of a type, as JSON; objects are left empty, which their own records refuse. */
    private static String some(Class<?> type) {
        if (type == String.class) {
            return "\"tide\"";
        } else if (type == boolean.class || type == Boolean.class) {
            return "true";
        } else if (List.class.isAssignableFrom(type)) {
            return "[]";
        } else if (type.isEnum()) {
            return "\"" + type.getEnumConstants()[0] + "\"";
        }
        return type.isPrimitive() || Number.class.isAssignableFrom(type) ? "1" : "{}";
    }

    @Test
    void aPartThatAFileDoesNotHaveIsNotTheWholeFile() throws Exception {
        String id = clip();
        String video = "/api/clips/" + id + "/video";
        mvc.perform(get(video).header("Range", "bytes=0-9")).andExpect(status().is(206));
        for (String range : List.of("bytes=999999999-", "bytes=9-2", "tides=1-2")) {
            mvc.perform(get(video).header("Range", range))
                    .andExpect(status().is(416))
                    .andExpect(header().string("Content-Range", org.hamcrest.Matchers.startsWith("bytes */")))
                    .andExpect(jsonPath("$.detail").value(containsString("no such part")));
        }
    }

    @Test
    void onlyPagesOfThisServerMayAskForAnything() throws Exception {
        List<MockHttpServletRequestBuilder> foreign = List.of(
                get("/api/clips").header("Origin", "http://localhost:9999"),
                get("/api/clips").header("Origin", "https://tide.example"),
                get("/api/clips").header("Origin", "null"),
                get("/api/clips").header("Origin", "file://"),
                get("/api/clips").header("Origin", "https://localhost:7311"),
                get("/api/clips").header("Sec-Fetch-Site", "cross-site"),
                get("/api/clips").header("Sec-Fetch-Site", "same-site"),
                get("/api/clips").header("Sec-Fetch-Site", "cross-site").header("Sec-Fetch-Mode", "navigate"));
        for (MockHttpServletRequestBuilder request : foreign) {
            assertThat(refused(403, request.header("Host", "localhost:7311"))).contains("Another site");
        }
        for (MockHttpServletRequestBuilder own : List.of(
                get("/api/clips").header("Host", "localhost:7311").header("Origin", "http://LOCALHOST:7311"),
                get("https://localhost/api/clips")
                        .header("Host", "LocalHost")
                        .header("Origin", "https://localhost:443"),
                get("/api/clips").header("Host", "localhost:7311").header("Sec-Fetch-Site", "same-origin"))) {
            mvc.perform(own).andExpect(status().isOk());
        }
        mvc.perform(get("/clips/abc").header("Sec-Fetch-Site", "cross-site").header("Sec-Fetch-Mode", "navigate"))
                .andExpect(status().isOk());
        assertThat(refused(403, get("http://tide.example/api/clips"))).contains("answers only to");
        mvc.perform(get("http://LOCALHOST/api/clips")).andExpect(status().isOk());
    }
}
