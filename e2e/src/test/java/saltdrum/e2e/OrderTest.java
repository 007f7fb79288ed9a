package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** Several outputs in one order, made while the window is closed, then downloaded and looked into. */
class OrderTest extends OnTheBench {
    @TempDir
    Path folder;

    private void choose(String output) {
        page.getByLabel(output).check();
    }

    private String probe(Path file, String stream) {
        return Video.probe(file, "-select_streams", stream, "-show_entries", "stream=codec_name", "-of", "csv=p=0")
                .strip();
    }

    private Path download(String ending) {
        Download download = page.waitForDownload(
                () -> page.locator("a[aria-label$='" + ending + "']").first().click());
        Path file = folder.resolve(download.suggestedFilename().replaceAll("[^\\w.-]", "_"));
        download.saveAs(file);
        return file;
    }

    @Test
    void severalOutputsAreOrderedTogetherAndMadeWithTheWindowClosed() throws Exception {
        Path footage = folder.resolve("tide pool.mp4");
        SmallClips.ffmpeg(
                footage, "-i", Demo.clip("tide-pool").toString(), "-t", "4", "-preset", "ultrafast", "-c:a", "copy");
        String clipId = server.bring(footage, "tide pool.mp4");
        server.caption(clipId, Demo.CLIPS.resolve("tide-pool.words.json"));
        page.navigate(server.url() + "/clips/" + clipId + "/words");
        page.locator("[data-word]").first().waitFor();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        page.getByLabel("Video, captions burned in").uncheck();
        choose("Video without captions");
        assertThat(page.getByText("The captions would be in none of these.")).isVisible();
        choose("Video with a caption stream");
        choose("Overlay, a picture a frame");
        choose("Sound only");
        assertThat(page.getByText("Captions can be switched on and off.")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Render these 4"))
                .click();
        page.getByText("Video with a caption stream").first().waitFor();
        page.close();
        Patience.await("four files").until(() -> done(clipId).size() >= 4);
        assertThat(done(clipId)).hasSize(4);

        page = context.newPage();
        page.onPageError(pageErrors::add);
        page.navigate(server.url() + "/clips/" + clipId + "/render");
        page.locator("a[aria-label$='captioned.mp4']").first().waitFor();
        Path captioned = download("captioned.mp4");
        assertThat(probe(captioned, "s")).isEqualTo("mov_text");
        assertThat(Video.frames(captioned)).isEqualTo(Video.frames(footage));
        assertThat(probe(download("clean.mp4"), "s")).isEmpty();
        assertThat(probe(download("sound.m4a"), "a")).isEqualTo("aac");
        try (var zip = new java.util.zip.ZipFile(download("overlay-png.zip").toFile())) {
            assertThat(Integer.toString(zip.size())).isEqualTo(Video.frames(footage));
        }
    }

    private List<String> done(String clipId) throws Exception {
        List<String> names = new ArrayList<>();
        for (JsonNode job : server.get("/api/clips/" + clipId + "/jobs")) {
            if (job.path("kind").asString().equals("RENDER")
                    && job.path("state").asString().equals("DONE")) {
                names.add(job.path("outputName").asString());
            }
        }
        return names;
    }

    private static final String CUES =
            "1\n00:00:00,500 --> 00:00:02,000\nLook closely now\n\n2\n00:00:04,600 --> 00:00:06,500\nunder this "
                    + "stone\n\n"
                    + "3\n00:00:08,300 --> 00:00:09,500\nbefore the tide\n";

    /** Ten seconds of a clip with three cues and a Swedish translation of them. */
    private String shortClip() throws Exception {
        Path cut = folder.resolve("pool.mp4");
        // Half its size: smaller, and what the encoder loses would be as large as the captions.
        SmallClips.ffmpeg(
                cut, "-i", Demo.clip("tide-pool").toString(), "-t", "10", "-vf", "scale=iw/2:ih/2", "-c:a", "copy");
        String id = server.bring(cut, "pool.mp4");
        server.caption(id, CUES);
        server.send("PUT", "/api/clips/" + id + "/translations/sv", "{}");
        translate(id, "Titta noga nu", "under den här stenen", "innan tidvattnet");
        return id;
    }

    private void translate(String id, String... texts) throws Exception {
        JsonNode cues = track(id).path("cues");
        for (int i = 0; i < texts.length; i++) {
            long version = server.get("/api/clips/" + id + "/translations/sv")
                    .path("head")
                    .path("version")
                    .asLong();
            server.post(
                    "/api/clips/" + id + "/translations/sv/edits",
                    "{\"version\":" + version + ",\"edit\":{\"kind\":\"retypeCue\",\"cueId\":"
                            + cues.path(i).path("id").asLong() + ",\"text\":\"" + texts[i] + "\"}}");
        }
    }

    private void chip(String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    private void awaitOrder(String orderId, int files) throws Exception {
        Patience.await(files + " files").until(() -> done(server.get("/api/orders/" + orderId)) >= files);
    }

    private static int done(JsonNode order) {
        return order.path("order").path("done").asInt();
    }

    /** The number of clearly different pixels, once the difference picture is stable. */
    private int difference() {
        int[] last = {-1};
        return Patience.await("the difference at rest")
                .pollInterval(Duration.ofMillis(700))
                .until(this::differing, now -> {
                    boolean rests = now == last[0];
                    last[0] = now;
                    return rests;
                });
    }

    private int differing() {
        return ((Number)
                        page.evaluate(
                                """
                                () => { const c = document.querySelector('canvas[aria-label=Difference]');
                                  const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
                                  let n = 0; for (let i = 0; i < d.length; i += 4) if (Math.min(d[i], d[i+1], d[i+2]) > 200) n++;
                                  return n; }
                                """))
                .intValue();
    }

    @Test
    void twoStylesInTwoFramesOfATranslationAreOrderedComparedHandedOverAndRenderedAgain() throws Exception {
        String clipId = shortClip();
        page.navigate(server.url() + "/orders/new?clips=" + clipId);
        for (String chosen : List.of("Overlay for the web, VP9", "SRT", "Chalk", "1:1", "Swedish", "The clip’s own")) {
            chip(chosen);
        }
        assertThat(page.getByText("9 files", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText("pool · Chalk · 1x1 · sv.mp4")).isVisible();
        page.getByLabel("Names of the files").fill("{clip} {style} {frame} {output}");
        assertThat(page.getByText("pool Chalk 1x1.mp4")).isVisible();
        assertThat(page.getByTestId("estimate")).containsText(Pattern.compile("About [\\d.]+ (MB|KB) in"));
        chip("Order these 9");
        page.waitForURL(Pattern.compile(".*/orders/[a-z0-9]{12}"));
        String orderId = page.url().replaceAll(".*/", "");
        page.close();
        awaitOrder(orderId, 9);

        page = context.newPage();
        page.onPageError(pageErrors::add);
        page.navigate(server.url() + "/orders/" + orderId);
        assertThat(page.getByText("9 of 9 files done")).isVisible();
        Download zip =
                page.waitForDownload(() -> page.getByText("All 9 as one ZIP").click());
        try (var files = new java.util.zip.ZipFile(zip.path().toFile())) {
            assertThat(files.stream().map(java.util.zip.ZipEntry::getName))
                    .hasSize(9)
                    .contains("pool Chalk 1x1.mp4", "pool.srt", "pool Chalk overlay-vp9.webm");
        }
        page.getByLabel("Look at pool Chalk 1x1.mp4").click();
        assertThat(page.getByText("No problems")).isVisible();
        page.getByLabel("Time").fill("5.52");
        int fromStage = difference();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Clip"))
                .click();
        System.out.println("differing from the stage: " + fromStage);
        Patience.await("captions are no part of the clip").until(() -> differing() > 2 * fromStage + 200);

        translate(clipId, "Titta noga nu", "under den stora stenen", "innan tidvattnet");
        JsonNode again = server.post(
                "/api/orders",
                "{\"clips\":[\"" + clipId + "\"],\"languages\":[\"sv\"],\"styles\":[\"Chalk\"],\"frames\":[\"1:1\"],"
                        + "\"outputs\":[\"BURNED\"]}");
        awaitOrder(again.path("order").path("id").asString(), 1);
        page.navigate(server.url() + "/clips/" + clipId + "/render");
        assertThat(page.getByText("Pieces: 1 of 3 encoded, the others reused")).isVisible();
    }
}
