package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import saltdrum.server.SmallClips;
import saltdrum.server.TestDatabase;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a proof-reader asks of the server: counts before changes, places, spelling, the history; clients, translations. */
@SpringBootTest(properties = "salt-drum.workers=1")
@AutoConfigureMockMvc
class ProofApiTest {
    private static final JsonMapper JSON = new JsonMapper();

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) throws Exception {
        TestDatabase.register(registry);
    }

    @Autowired
    MockMvc mvc;

    private String track;
    private String clip;
    private int lastStatus;

    private JsonNode send(MockHttpServletRequestBuilder request, String body) throws Exception {
        MockHttpServletResponse answer = mvc.perform(
                        body == null
                                ? request
                                : request.contentType("application/json").content(body))
                .andReturn()
                .getResponse();
        lastStatus = answer.getStatus();
        String text = answer.getContentAsString(StandardCharsets.UTF_8);
        return text.isEmpty() ? JSON.nullNode() : JSON.readTree(text);
    }

    private JsonNode edit(long version, String edit) throws Exception {
        return send(post(track + "/edits"), "{\"version\":%d,\"edit\":%s}".formatted(version, edit));
    }

    @BeforeEach
    void bringIn() throws Exception {
        byte[] video = Files.readAllBytes(SmallClips.whole("tide-pool"));
        String id = send(put("/api/clips").param("name", "tide.mp4").content(video), null)
                .path("id")
                .asString();
        clip = "/api/clips/" + id;
        track = clip + "/track";
        send(
                put(clip + "/captions")
                        .param("name", "words.srt")
                        .content(
                                """
                                1
                                00:00:01,000 --> 00:00:02,000
                                The scar home ferry

                                2
                                00:00:04,000 --> 00:00:05,000
                                leaves Scar home, varnsih
                                """),
                null);
        assertThat(lastStatus).isEqualTo(200);
    }

    private long version() throws Exception {
        return send(get(track), null).path("head").path("version").asLong();
    }

    @Test
    void anEditIsCountedWithoutBeingMade() throws Exception {
        long before = version();
        JsonNode told = send(post(track + "/preview"), "{\"edit\":{\"kind\":\"holdAtLeast\",\"leastMs\":3000}}");
        assertThat(told.path("cues").asInt()).isEqualTo(2);
        assertThat(told.path("words").asInt()).isZero();
        assertThat(told.path("said").asString()).isEqualTo("Show at least 3000 ms");
        assertThat(version()).isEqualTo(before);
    }

    @Test
    void whyAnEditCannotBeMadeIsTold() throws Exception {
        JsonNode cues = send(get(track), null).path("cues");
        long last = cues.get(1).path("id").asLong();
        JsonNode told =
                send(post(track + "/preview"), "{\"edit\":{\"kind\":\"joinCues\",\"cueId\":%d}}".formatted(last));
        assertThat(told.path("refusal").asString()).contains("no cue after");
        assertThat(told.path("cues").asInt()).isZero();
    }

    @Test
    void placesAreShownAsTheyWouldBecome() throws Exception {
        JsonNode places = send(post(track + "/places"), "{\"find\":\"scar home\",\"with\":\"Skarholm\"}");
        assertThat(places.size()).isEqualTo(2);
        assertThat(places.get(1).path("after").asString()).isEqualTo("leaves Skarholm, varnsih");
    }

    @Test
    void spellingKnowsTheClientsTerms() throws Exception {
        send(put("/api/glossary"), "{\"terms\":[]}");
        edit(version(), "{\"kind\":\"replaceText\",\"find\":\"scar home\",\"with\":\"Skarholm\"}");
        assertThat(send(get(track + "/spelling"), null).path("wordIds").size()).isEqualTo(3);
        long client = send(post("/api/clients"), "{\"name\":\"The Night Ferry\"}")
                .path("id")
                .asLong();
        send(put(clip + "/client"), "{\"clientId\":%d}".formatted(client));
        send(post("/api/glossary").param("client", "" + client), "{\"term\":\"Skarholm\",\"sayAs\":\"scar home\"}");
        JsonNode left = send(get(track + "/spelling"), null);
        assertThat(left.path("known").asBoolean()).isTrue();
        assertThat(left.path("wordIds").size()).isEqualTo(1);
        assertThat(send(get(track + "/spelling/suggestions").param("word", "varnsih"), null)
                        .toString())
                .contains("\"varnish\"");
        assertThat(send(get("/api/glossary"), null).path("terms").toString()).doesNotContain("Skarholm");
    }

    @Test
    void theHistoryGoesToAnyPointAndBack() throws Exception {
        JsonNode first = send(get(track), null).path("cues");
        edit(version(), "{\"kind\":\"replaceText\",\"find\":\"ferry\",\"with\":\"boat\"}");
        edit(
                version(),
                "{\"kind\":\"shiftAfter\",\"cueId\":%d,\"byMs\":250}"
                        .formatted(first.get(0).path("id").asLong()));
        JsonNode end = send(get(track), null).path("cues");
        JsonNode steps = send(get(track + "/history"), null);
        assertThat(steps.size()).isEqualTo(3);
        assertThat(steps.get(1).path("said").asString()).isEqualTo("Replace “ferry” with “boat”");

        String go = "{\"version\":%d,\"seq\":%d}";
        send(
                post(track + "/history"),
                go.formatted(version(), steps.get(0).path("seq").asLong()));
        assertThat(send(get(track), null).path("cues")).isEqualTo(first);
        send(post(track + "/history"), go.formatted(version(), 0));
        assertThat(send(get(track), null).path("cues").size()).isZero();
        send(
                post(track + "/history"),
                go.formatted(version(), steps.get(2).path("seq").asLong()));
        assertThat(send(get(track), null).path("cues")).isEqualTo(end);
        send(post(track + "/history"), go.formatted(0, 0));
        assertThat(lastStatus).isEqualTo(409);
    }

    @Test
    void recipesAreSavedForAClient() throws Exception {
        long client = send(post("/api/clients"), "{\"name\":\"Rockpool School\"}")
                .path("id")
                .asLong();
        String recipe =
                "{\"name\":\"%s\",\"lineCharacters\":18,\"lines\":2,\"words\":6,\"longestMs\":3000,\"shortestMs\":500,"
                        + "\"pauseMs\":400,\"bridgeMs\":200,\"holdMs\":150,\"leadInMs\":20}";
        send(put("/api/recipes").param("client", "" + client), recipe.formatted("Rockpool lines"));
        assertThat(send(get("/api/recipes").param("client", "" + client), null)
                        .path("own")
                        .get(0)
                        .path("name")
                        .asString())
                .isEqualTo("Rockpool lines");
        assertThat(send(get("/api/recipes"), null).path("own").size()).isZero();
        send(put("/api/recipes"), recipe.formatted("Phrase"));
        assertThat(lastStatus).isEqualTo(422);
        JsonNode left = send(delete("/api/recipes/rockpool lines").param("client", "" + client), null);
        assertThat(left.path("own").size()).isZero();
    }

    @Test
    void aTranslationIsTypedAndItsCuesFollowTheFirstTrack() throws Exception {
        send(put(clip + "/translations/en"), null);
        assertThat(lastStatus).isEqualTo(422);
        send(put(clip + "/translations/sv"), null);
        JsonNode cues = send(get(track), null).path("cues");
        long id = cues.get(1).path("id").asLong();
        String typed = "{\"version\":%d,\"edit\":{\"kind\":\"retypeCue\",\"cueId\":%d,\"text\":\"går Skarholm\"}}";
        JsonNode view = send(post(clip + "/translations/sv/edits"), typed.formatted(0, id));
        assertThat(view.path("cues").size()).isEqualTo(1);
        edit(version(), "{\"kind\":\"shiftAfter\",\"cueId\":%d,\"byMs\":300}".formatted(id));
        JsonNode followed =
                send(get(clip + "/translations/sv"), null).path("cues").get(0);
        assertThat(followed.path("words").get(0).path("startMs").asInt()).isEqualTo(4300);
        send(post(clip + "/translations/sv/edits"), typed.formatted(0, id));
        assertThat(lastStatus).isEqualTo(409);
        assertThat(send(get(clip), null).path("translations").toString()).isEqualTo("[\"sv\"]");
        JsonNode undone = send(post(clip + "/translations/sv/undo"), "{\"version\":1}");
        assertThat(undone.path("cues").size()).isZero();
        send(delete(clip + "/translations/sv"), null);
        send(get(clip + "/translations/sv"), null);
        assertThat(lastStatus).isEqualTo(404);
    }
}
