package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** What is done with clips that come in, as their clients want it. */
class DraftApiTest extends OnATrack {
    private static final String ALL = "{\"automatic\":true,\"style\":\"Tidemark\",\"emphasis\":true,\"strength\":0.5,"
            + "\"emoji\":true,\"calm\":true,\"mend\":true,\"film\":true,\"review\":true}";

    private JsonNode answered(MockHttpServletRequestBuilder request) throws Exception {
        String body = mvc.perform(request).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
        return body.isEmpty() ? JSON.nullNode() : JSON.readTree(body);
    }

    private JsonNode sent(MockHttpServletRequestBuilder request, String body) throws Exception {
        return answered(request.contentType("application/json").content(body));
    }

    private long client(String name) throws Exception {
        return sent(post("/api/clients"), "{\"name\":\"" + name + "\"}")
                .path("id")
                .asLong();
    }

    private String comesIn(Path file, String name, long client) throws Exception {
        return answered(put("/api/clips")
                        .param("name", name)
                        .param("client", Long.toString(client))
                        .content(Files.readAllBytes(file)))
                .path("id")
                .asString();
    }

    private JsonNode jobs(String clip) throws Exception {
        return answered(get("/api/clips/" + clip + "/jobs"));
    }

    private void awaitAllDone(String clip) {
        Patience.await("the draft of " + clip).until(() -> {
            for (JsonNode job : jobs(clip)) {
                if (job.path("open").asBoolean()) {
                    return false;
                }
            }
            return true;
        });
    }

    private JsonNode view(String clip) throws Exception {
        return answered(get("/api/clips/" + clip));
    }

    @Test
    void aClipOfAClientThatWantsItBecomesAFilmAndALink() throws Exception {
        long client = client("Lime Pier");
        JsonNode settled = sent(put("/api/drafts/settings").param("client", Long.toString(client)), ALL);
        assertThat(settled.path("automatic").asBoolean()).isTrue();
        assertThat(answered(get("/api/drafts/settings")).path("automatic").asBoolean())
                .as("the workshop's own")
                .isFalse();

        String clip = comesIn(SmallClips.whole("tide-pool"), "tide pool.mp4", client);
        awaitAllDone(clip);

        JsonNode view = view(clip);
        assertThat(view.path("client").path("name").asString()).isEqualTo("Lime Pier");
        assertThat(view.path("style").asString()).isEqualTo("Tidemark");
        assertThat(view.path("words").asInt()).isGreaterThan(20);
        assertThat(view.has("needs")).as("it was looked at").isTrue();
        assertThat(view.has("work")).isFalse();
        assertThat(view.path("standing").asString())
                .as("a draft is no delivery")
                .doesNotContain("DELIVERED");
        String film = view.path("film").asString();
        assertThat(film).isNotEmpty();
        JsonNode reviews = answered(get("/api/clips/" + clip + "/reviews"));
        assertThat(reviews.size()).isEqualTo(1);
        assertThat(reviews.get(0).path("jobId").asString()).isEqualTo(film);

        // All of it is one step.
        JsonNode head = track(clip).path("head");
        assertThat(head.path("undo").asString()).startsWith("First draft: ");
        long version = head.path("version").asLong();
        sent(post("/api/clips/" + clip + "/track/undo"), "{\"version\":" + version + "}");
        assertThat(track(clip).path("cues").size()).isZero();
        assertThat(track(clip).path("head").path("undo").isMissingNode()
                        || track(clip).path("head").path("undo").isNull())
                .isTrue();
    }

    @Test
    void whatComesInOtherwiseIsLeftAlone() throws Exception {
        long client = client("Basin Nine");
        sent(put("/api/drafts/settings").param("client", Long.toString(client)), ALL);
        Path silent = Files.createTempFile("silent", ".mp4");
        SmallClips.ffmpeg(
                silent, "-f", "lavfi", "-i", "testsrc2=size=180x320:rate=25:duration=1", "-pix_fmt", "yuv420p");
        String quiet = comesIn(silent, "silent.mp4", client);
        awaitAllDone(quiet);
        assertThat(view(quiet).has("work")).as("nothing to recognise").isFalse();

        String own = JSON.readTree(broughtIn("own.mp4")).path("id").asString();
        awaitAllDone(own);
        assertThat(view(own).path("words").asInt()).isZero();

        JsonNode answer = sent(post("/api/clips/drafts"), "{\"clips\":[\"" + quiet + "\",\"" + clip() + "\"]}");
        assertThat(answer.path("ordered").asInt()).isZero();
        assertThat(answer.path("left").get(0).asString()).contains("silent", "no sound");
        assertThat(answer.path("left").get(1).asString()).contains("words already");

        answered(delete("/api/drafts/settings").param("client", Long.toString(client)));
        assertThat(answered(get("/api/drafts/settings").param("client", Long.toString(client)))
                        .path("automatic")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void aClipInWhichNothingIsSaidTellsSo() throws Exception {
        long client = client("Quiet Quay");
        sent(put("/api/drafts/settings").param("client", Long.toString(client)), ALL);
        Path tone = Files.createTempFile("tone", ".mp4");
        SmallClips.ffmpeg(
                tone,
                "-f",
                "lavfi",
                "-i",
                "testsrc2=size=180x320:rate=25:duration=2",
                "-f",
                "lavfi",
                "-i",
                "sine=frequency=300:duration=2",
                "-pix_fmt",
                "yuv420p");
        String clip = comesIn(tone, "tone.mp4", client);
        awaitAllDone(clip);
        JsonNode work = view(clip).path("work");
        assertThat(work.path("failed").asBoolean()).isTrue();
        assertThat(work.path("said").asString()).startsWith("No speech was heard");
        assertThat(view(clip).has("film")).isFalse();
    }

    @Test
    void aStoppedDraftKeepsItsWordsAndMakesNoFilm() throws Exception {
        long client = client("Rope Walk");
        sent(put("/api/drafts/settings").param("client", Long.toString(client)), ALL);
        String clip = comesIn(SmallClips.looped("tide-pool", 48), "long.mp4", client);
        Patience.await("first words").until(() -> view(clip).path("words").asInt() > 0);
        JsonNode draft = jobs(clip)
                .valueStream()
                .filter(job -> job.path("kind").asString().equals("WORDS"))
                .findFirst()
                .orElseThrow();
        answered(post("/api/jobs/" + draft.path("id").asString() + "/stop"));
        awaitAllDone(clip);
        assertThat(view(clip).path("words").asInt()).isPositive();
        assertThat(view(clip).has("film")).isFalse();
    }

    @Test
    void settingsThatCannotBeAreRefused() throws Exception {
        assertThat(sent(put("/api/drafts/settings"), "{\"style\":\"Nowhere\"}")
                        .path("detail")
                        .asString())
                .contains("Nowhere");
        assertThat(sent(put("/api/drafts/settings"), "{\"language\":\"tlh\"}")
                        .path("detail")
                        .asString())
                .isNotEmpty();
        assertThat(sent(put("/api/drafts/settings"), "{\"strength\":3}")
                        .path("detail")
                        .asString())
                .contains("0 to 1");
        assertThat(answered(put("/api/clips")
                                .param("name", "a.mp4")
                                .param("client", "999999")
                                .content(new byte[] {1}))
                        .path("detail")
                        .asString())
                .contains("client");
    }
}
