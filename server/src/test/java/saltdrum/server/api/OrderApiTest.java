package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import saltdrum.server.Patience;
import tools.jackson.databind.JsonNode;

/** Orders over HTTP: planned, made, held, put in another order, repeated and handed over. */
class OrderApiTest extends OnATrack {
    private JsonNode answer(MockHttpServletRequestBuilder request) throws Exception {
        return JSON.readTree(mvc.perform(request.contentType("application/json"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8));
    }

    private JsonNode ask(String path, String body) throws Exception {
        return answer(post(path).content(body));
    }

    private String refused(String path, String body) throws Exception {
        return mvc.perform(post(path).contentType("application/json").content(body))
                .andExpect(status().is4xxClientError())
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
    }

    private static List<String> each(JsonNode lines, String field) {
        List<String> values = new ArrayList<>();
        lines.forEach(line -> values.add(line.path(field).asString()));
        return values;
    }

    private JsonNode order(String id) throws Exception {
        return answer(get("/api/orders/" + id));
    }

    private static String id(JsonNode view) {
        return view.path("order").path("id").asString();
    }

    private JsonNode made(String orderId) throws Exception {
        return Patience.await("the order").until(() -> order(orderId), view -> !each(view.path("lines"), "open")
                .contains("true"));
    }

    @Test
    void aPlanHasEveryOutputInEveryStyleAndFrameOnce() throws Exception {
        String clip = clip();
        String other = clip();
        JsonNode plan = ask(
                "/api/orders/plan",
                """
                {"clips":["%s","%s"],"styles":["Chalk","Mallet"],"frames":["","1:1"],
                 "outputs":["BURNED","CLEAN","SOUND","OVERLAY_PNG"],"sidecars":["srt"],
                 "pattern":"{clip} {style} {frame} {output}"}
                """
                        .formatted(clip, other));
        // Burned and overlay: two styles, two frames; clean: two frames; sound and the file: one each. Of two clips.
        assertThat(plan.path("lines").size()).isEqualTo(2 * (4 + 4 + 2 + 1 + 1));
        List<String> names = each(plan.path("lines"), "fileName");
        assertThat(names).doesNotHaveDuplicates();
        assertThat(names)
                .contains(
                        "tide Chalk.mp4",
                        "tide Mallet 1x1.mp4",
                        "tide.srt",
                        "tide sound.m4a",
                        "tide.srt",
                        "tide (2).srt");
        assertThat(each(plan.path("lines"), "about"))
                .contains("Video, captions burned in · Mallet · 1:1 · 180×180", "Sound only");
        assertThat(plan.path("captions").asBoolean()).isTrue();
        assertThat(answer(get("/api/clips/" + clip + "/jobs")).toString()).doesNotContain("RENDER");
    }

    @Test
    void aClipHasChangedSinceDeliveryWhereItsRenderWouldBeAnother() throws Exception {
        String clip = clip();
        edit(clip, "{\"kind\":\"restyle\",\"style\":\"Chalk\"}");
        made(id(ask("/api/orders", "{\"clips\":[\"" + clip + "\"],\"sidecars\":[\"srt\"]}")));
        assertThat(standing(clip)).isEqualTo("DELIVERED");
        long cue = track(clip).path("cues").path(0).path("id").asLong();
        edit(clip, "{\"kind\":\"lock\",\"cueIds\":[" + cue + "],\"locked\":true}");
        assertThat(standing(clip)).isEqualTo("DELIVERED");
        edit(clip, "{\"kind\":\"restyle\",\"style\":\"Lantern\"}");
        assertThat(standing(clip)).isEqualTo("CHANGED");
        ask(
                "/api/clips/" + clip + "/track/undo",
                "{\"version\":" + track(clip).path("head").path("version").asLong() + "}");
        assertThat(standing(clip)).isEqualTo("DELIVERED");
    }

    private String standing(String clip) throws Exception {
        return answer(get("/api/clips/" + clip)).path("standing").asString();
    }

    @Test
    void whatCannotBeMadeIsToldAndTheRestIsPlanned() throws Exception {
        String clip = clip();
        String wordless = JSON.readTree(broughtIn("mute.mp4")).path("id").asString();
        JsonNode plan = ask(
                "/api/orders/plan",
                "{\"clips\":[\"" + clip + "\",\"" + wordless
                        + "\"],\"languages\":[\"\",\"de\"],\"outputs\":[\"BURNED\"]}");
        assertThat(plan.path("lines").size()).isEqualTo(1);
        assertThat(plan.path("left").toString()).contains("no words yet").contains("no translation into “de”");
        assertThat(refused("/api/orders", "{\"clips\":[\"" + wordless + "\"],\"outputs\":[\"BURNED\"]}"))
                .contains("no words yet")
                .contains("Nothing was ordered");
    }

    @Test
    void nonsenseIsRefusedInASentenceAndNothingIsOrdered() throws Exception {
        String clip = clip();
        int before = answer(get("/api/orders")).size();
        String begin = "{\"clips\":[\"" + clip + "\"],\"outputs\":[\"BURNED\"],";
        assertThat(refused("/api/orders", "{\"clips\":[\"" + clip + "\"]}")).contains("Choose at least one output");
        assertThat(refused("/api/orders", begin + "\"pattern\":\"{colour}\"}")).contains("{colour}");
        assertThat(refused("/api/orders", begin + "\"frames\":[\"7:3\"]}")).contains("7:3");
        assertThat(refused("/api/orders", begin + "\"styles\":[\"Cardboard\"]}"))
                .contains("Cardboard");
        assertThat(refused("/api/orders", begin + "\"how\":{\"rate\":1000}}")).contains("5 to 120");
        assertThat(refused("/api/orders", begin + "\"how\":{\"megabytes\":-1}}"))
                .contains("MB");
        assertThat(refused("/api/orders", begin + "\"sidecars\":[\"papyrus\"]}"))
                .contains("papyrus");
        assertThat(refused("/api/orders", "{\"clips\":[\"nosuchclip22\"],\"outputs\":[\"BURNED\"]}"))
                .contains("clip");
        assertThat(answer(get("/api/orders")).size()).isEqualTo(before);
        mvc.perform(get("/api/orders/nosuchorder2")).andExpect(status().isNotFound());
    }

    @Test
    void quickFilesGoFirstAndNoTwoFilesOfAClipHaveOneName() throws Exception {
        String clip = clip();
        String burn = "{\"clips\":[\"" + clip + "\"],\"outputs\":[\"BURNED\"],\"how\":{\"preset\":\"veryslow\"}}";
        JsonNode first = ask("/api/orders", burn);
        Patience.await("the long one at work")
                .until(() -> each(order(id(first)).path("lines"), "state").equals(List.of("RUNNING")));
        Patience.await("its encoder").until(() -> signal("STOP") > 0);
        JsonNode second = ask("/api/orders", burn);
        JsonNode mixed = ask(
                "/api/orders",
                "{\"clips\":[\"" + clip
                        + "\"],\"outputs\":[\"OVERLAY_VP9\",\"STILL\"],\"sidecars\":[\"srt\",\"webvtt\"]}");
        assertThat(each(mixed.path("lines"), "turn")).containsExactly("5", "1", "2", "3");
        assertThat(each(order(id(second)).path("lines"), "turn")).containsExactly("4");
        for (JsonNode job : answer(get("/api/clips/" + clip + "/jobs"))) {
            boolean waits = job.path("state").asString().equals("WAITING")
                    && job.path("kind").asString().equals("RENDER");
            assertThat(job.path("turn").isMissingNode() || job.path("turn").isNull())
                    .isEqualTo(!waits);
        }
        assertThat(each(order(id(second)).path("lines"), "fileName").get(0)).endsWith(" (2).mp4");
        for (JsonNode one : List.of(first, second, mixed)) {
            ask("/api/orders/" + id(one) + "/stop", "");
        }
        signal("CONT");
    }

    @Test
    void whatWaitsIsHeldReleasedStoppedAndMadeAfterAll() throws Exception {
        String clip = clip();
        // A long job is before them in the queue.
        JsonNode first = ask(
                "/api/orders",
                "{\"clips\":[\"" + clip + "\"],\"outputs\":[\"BURNED\"],\"how\":{\"preset\":\"veryslow\"}}");
        Patience.await("the long one at work")
                .until(() -> each(order(id(first)).path("lines"), "state").equals(List.of("RUNNING")));
        // It neither ends while the others are held, nor depends on the speed of the machine.
        Patience.await("its encoder").until(() -> signal("STOP") > 0);
        JsonNode view = ask(
                "/api/orders",
                "{\"clips\":[\"" + clip + "\"],\"outputs\":[\"STILL\",\"POSTER\"],\"sidecars\":[\"srt\",\"webvtt\"]}");
        String order = id(view);
        JsonNode held = ask("/api/orders/" + order + "/hold", "");
        assertThat(each(held.path("lines"), "state")).containsOnly("HELD");
        assertThat(held.path("order").path("held").asInt()).isEqualTo(4);
        JsonNode released = ask("/api/orders/" + order + "/release", "");
        assertThat(each(released.path("lines"), "state")).containsOnly("WAITING");

        List<String> ids = each(released.path("lines"), "id");
        ask("/api/jobs/" + ids.get(3) + "/place", "{\"before\":\"" + ids.get(0) + "\"}");
        List<String> turns = each(order(order).path("lines"), "turn");
        assertThat(turns.get(3)).as("the last is the next").isEqualTo("1");
        assertThat(turns.get(0)).isEqualTo("2");

        JsonNode stopped = ask("/api/orders/" + order + "/stop", "");
        assertThat(each(stopped.path("lines"), "state")).containsOnly("STOPPED");
        assertThat(refused("/api/jobs/" + ids.get(0) + "/place", "{}")).contains("no longer in the queue");
        ask("/api/orders/" + id(first) + "/stop", "");
        signal("CONT");
        ask("/api/orders/" + order + "/again", "");
        JsonNode made = made(order);
        assertThat(each(made.path("lines"), "state")).containsOnly("DONE");
        assertThat(made.path("lines").path(0).path("bytes").asLong()).isPositive();

        MvcResult zip = mvc.perform(get("/api/orders/" + order + "/zip"))
                .andExpect(request().asyncStarted())
                .andReturn();
        byte[] bytes = mvc.perform(MockMvcRequestBuilders.asyncDispatch(zip))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
            }
        }
        assertThat(names).containsExactlyElementsOf(each(made.path("lines"), "fileName"));
        mvc.perform(delete("/api/orders/" + order)).andExpect(status().isOk());
        mvc.perform(get("/api/orders/" + order)).andExpect(status().isNotFound());
        mvc.perform(get("/api/jobs/" + ids.get(0))).andExpect(status().isNotFound());
    }

    @Test
    void aSecondRenderMakesOnlyWhatChanged() throws Exception {
        String clip = clip();
        String burned = "{\"clips\":[\"" + clip + "\"],\"outputs\":[\"BURNED\"],\"how\":{\"preset\":\"ultrafast\"}}";
        assertThat(pieces(made(id(ask("/api/orders", burned))))).contains("all 4 encoded");
        edit(clip, "{\"kind\":\"replaceText\",\"find\":\"Row\",\"with\":\"Rowing\"}");
        JsonNode again = made(id(ask("/api/orders", burned)));
        assertThat(pieces(again)).contains("1 of 4 encoded, the others reused");
        JsonNode receipt =
                answer(get("/api/jobs/" + again.path("lines").path(0).path("id").asString() + "/receipt"));
        assertThat(receipt.path("good").asBoolean()).as(receipt.toString()).isTrue();
    }

    private String pieces(JsonNode order) throws Exception {
        return answer(get("/api/jobs/" + order.path("lines").path(0).path("id").asString() + "/receipt"))
                .toString();
    }

    @Test
    void aFilmComesToItsSizeAndItsRate() throws Exception {
        String clip = clip();
        JsonNode made = made(
                id(
                        ask(
                                "/api/orders",
                                "{\"clips\":[\"" + clip
                                        + "\"],\"outputs\":[\"BURNED\"],\"how\":{\"preset\":\"ultrafast\",\"megabytes\":1.5,\"rate\":25}}")));
        JsonNode line = made.path("lines").path(0);
        assertThat(line.path("state").asString()).as(made.toString()).isEqualTo("DONE");
        assertThat(line.path("bytes").asLong()).isBetween(1_000_000L, 1_500_000L);
        JsonNode receipt = answer(get("/api/jobs/" + line.path("id").asString() + "/receipt"));
        assertThat(receipt.path("good").asBoolean()).as(receipt.toString()).isTrue();
        assertThat(receipt.toString()).contains("395 of 395");
        JsonNode tiny = made(id(ask(
                "/api/orders",
                "{\"clips\":[\"" + clip + "\"],\"outputs\":[\"BURNED\"],\"how\":{\"megabytes\":0.01}}")));
        assertThat(tiny.path("lines").path(0).path("state").asString()).isEqualTo("FAILED");
        assertThat(tiny.path("lines").path(0).path("message").asString()).contains("MB are needed");
    }

    /** Sends a signal to every encoder that this process has started. @return how many there are */
    private static int signal(String name) throws IOException, InterruptedException {
        List<ProcessHandle> encoders = ProcessHandle.current()
                .descendants()
                .filter(process -> process.info().command().orElse("").endsWith("ffmpeg"))
                .toList();
        for (ProcessHandle encoder : encoders) {
            new ProcessBuilder("kill", "-" + name, Long.toString(encoder.pid()))
                    .start()
                    .waitFor();
        }
        return encoders.size();
    }
}
