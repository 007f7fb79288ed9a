package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import saltdrum.server.Patience;
import saltdrum.server.Recut;
import saltdrum.server.SmallClips;
import saltdrum.server.store.clip.RecutStore;
import tools.jackson.databind.JsonNode;

/** A clip that ffmpeg cut again: its captions are transferred to the other footage. */
class FootageApiTest extends OverHttp {
    @Autowired
    private RecutStore recuts;

    private Visitor designer() {
        return new Visitor(mvc);
    }

    private static Path footage() throws Exception {
        return SmallClips.whole("three-coats");
    }

    private String clip() throws Exception {
        String id = JSON.readTree(designer()
                        .send(put("/api/clips").param("name", "coats.mp4").content(Files.readAllBytes(footage())))
                        .getContentAsString(StandardCharsets.UTF_8))
                .path("id")
                .asString();
        byte[] words = Files.readAllBytes(Path.of("../demo/clips/three-coats.words.json"));
        designer()
                .send(put("/api/clips/" + id + "/captions")
                        .param("name", "words.json")
                        .content(words));
        return id;
    }

    private MockHttpServletResponse replace(String clip, byte[] footage) throws Exception {
        return designer()
                .send(put("/api/clips/" + clip + "/footage")
                        .param("name", "coats-short.mp4")
                        .content(footage));
    }

    private JsonNode done(MockHttpServletResponse ordered) throws Exception {
        JsonNode job = JSON.readTree(ordered.getContentAsString(StandardCharsets.UTF_8));
        assertThat(ordered.getStatus()).as(job.toString()).isEqualTo(200);
        String address = "/api/jobs/" + job.path("id").asString();
        return Patience.await("the end of the job")
                .until(() -> designer().json("GET", address, ""), now -> !now.path("open")
                        .asBoolean());
    }

    private Map<String, Integer> starts(String clip) throws Exception {
        Map<String, Integer> starts = new LinkedHashMap<>();
        for (JsonNode cue :
                designer().json("GET", "/api/clips/" + clip + "/track", "").path("cues")) {
            for (JsonNode word : cue.path("words")) {
                starts.put(
                        word.path("id").asString() + " " + word.path("text").asString(),
                        word.path("startMs").asInt());
            }
        }
        return starts;
    }

    @Test
    void captionsGoOverToWhatIsLeftOfTheFootage() throws Exception {
        String clip = clip();
        JsonNode first = designer().json("GET", "/api/clips/" + clip, "");
        Map<String, Integer> before = starts(clip);
        // Out go 3.2 to 6.4 seconds.
        JsonNode job = done(replace(clip, Files.readAllBytes(Recut.without(footage(), 3.2, 6.4))));
        assertThat(job.path("state").asString()).as(job.toString()).isEqualTo("DONE");
        Map<String, Integer> after = starts(clip);
        List<Integer> off = new ArrayList<>();
        before.forEach((word, ms) -> {
            boolean gone = ms >= 3200 && ms < 6400;
            assertThat(after.containsKey(word)).as(word + " at " + ms).isNotEqualTo(gone);
            if (!gone) {
                off.add(Math.abs(after.get(word) - (ms < 3200 ? ms : ms - 3200)));
            }
        });
        assertThat(off).as("ms off, by the cut that was made").allMatch(ms -> ms <= 2);

        JsonNode told = designer().json("GET", "/api/clips/" + clip + "/footage", "");
        assertThat(told.path("done").asBoolean()).isTrue();
        assertThat(told.path("kept").asInt() + told.path("moved").asInt()).isEqualTo(after.size());
        assertThat(told.path("lost").size()).isEqualTo(before.size() - after.size());
        assertThat(told.path("fresh").size()).isZero();

        JsonNode now = designer().json("GET", "/api/clips/" + clip, "");
        assertThat(now.path("footage")).isNotEqualTo(first.path("footage"));
        assertThat(now.path("durationMs").asInt()).isBetween(14_000, 14_500);
        assertThat(now.path("width").asInt()).isEqualTo(540);

        String old = told.path("beforeId").asString();
        assertThat(starts(old)).as("as it was, in the archive").isEqualTo(before);
        assertThat(designer().json("GET", "/api/clips/" + old, "").path("shelf").asString())
                .isEqualTo("ARCHIVED");
        designer().json("DELETE", "/api/clips/" + clip + "/footage", "");
        assertThat(designer()
                        .json("GET", "/api/clips/" + clip + "/footage", "")
                        .path("done")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void anotherClipIsNoRecut() throws Exception {
        String clip = clip();
        JsonNode track = designer().json("GET", "/api/clips/" + clip + "/track", "");
        JsonNode job = done(replace(clip, Files.readAllBytes(SmallClips.whole("tide-pool"))));
        assertThat(job.path("state").asString()).isEqualTo("FAILED");
        assertThat(job.path("message").asString()).contains("another clip").contains("Nothing was changed");
        assertThat(designer().json("GET", "/api/clips/" + clip + "/track", "")).isEqualTo(track);
        assertThat(recuts.find(clip)).as("nothing is kept for it").isNull();
        assertThat(designer()
                        .json("GET", "/api/clips/" + clip + "/footage", "")
                        .path("done")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void whatCannotTakeItsPlaceIsRefused() throws Exception {
        String clip = clip();
        assertThat(replace(clip, Files.readAllBytes(footage())).getContentAsString(StandardCharsets.UTF_8))
                .contains("already has this footage");
        assertThat(replace(clip, "no film".getBytes(StandardCharsets.UTF_8)).getStatus())
                .isEqualTo(422);
        assertThat(replace("nothing", Files.readAllBytes(footage())).getStatus())
                .isEqualTo(404);
    }
}
