package saltdrum.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorInfo;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.skija.impl.BufferUtil;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import saltdrum.core.Json;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.Timeline;
import saltdrum.core.word.Word;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.clip.Probe;
import saltdrum.media.paint.ScenePainter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One person captions one clip from start to finish, with mouse and keys. */
class WholeJobTest extends OnTheBench {
    /** How many pixels of the captions' canvas are not clear. */
    private int inkOnStage() {
        return ((Number)
                        page.evaluate(
                                """
                        () => { const c = document.querySelector('[data-testid=captions]');
                          const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
                          let n = 0; for (let i = 3; i < d.length; i += 4) if (d[i] > 0) n++; return n; }
                        """))
                .intValue();
    }

    @Test
    void aClipIsBroughtInTimedCorrectedStyledAndBurned() throws Exception {
        String clipId = bringIn("three-coats", "Three “coats” été 🚣 & more.mp4");
        assertThat(page.getByText("This clip has no words yet")).isVisible();
        placeScript("three-coats");

        // Word times against the synthesiser's own.
        List<Word> truth = Demo.truth("three-coats").toWords();
        List<Integer> starts = new ArrayList<>();
        track(clipId).path("cues").forEach(cue -> cue.path("words")
                .forEach(w -> starts.add(w.path("startMs").asInt())));
        assertThat(starts).hasSize(truth.size());
        int[] errors = new int[starts.size()];
        for (int i = 0; i < errors.length; i++) {
            errors[i] = Math.abs(starts.get(i) - truth.get(i).startMs());
        }
        Arrays.sort(errors);
        assertThat(errors[errors.length / 2]).isLessThanOrEqualTo(20);
        assertThat(errors[errors.length * 9 / 10]).isLessThanOrEqualTo(60);

        // A click goes there: the word is lit in the score and shown on the stage.
        word("Three").click();
        assertThat(word("Three")).hasAttribute("data-lit", "true");
        page.waitForCondition(() -> inkOnStage() > 500);

        // Emphasis by one key; the stage changes.
        long version = track(clipId).path("head").path("version").asLong();
        int plain = inkOnStage();
        page.keyboard().press("e");
        awaitVersionAfter(clipId, version);
        page.waitForCondition(() -> inkOnStage() != plain);
        assertThat(track(clipId).toString()).contains("\"emphasis\":1");

        // While it plays, the lit word and the painted time belong together.
        page.keyboard().press("Home");
        page.keyboard().press(" ");
        int seen = 0;
        for (int i = 0; i < 40; i++) {
            Object both = page.evaluate(
                    """
                    () => { const w = document.querySelector('[data-lit]');
                      return w ? [Number(w.dataset.word), Number(document.querySelector('[data-testid=captions]').dataset.paintedMs)] : null; }
                    """);
            if (both instanceof List<?> pair) {
                long id = ((Number) pair.get(0)).longValue();
                double painted = ((Number) pair.get(1)).doubleValue();
                for (JsonNode cue : track(clipId).path("cues")) {
                    for (JsonNode w : cue.path("words")) {
                        if (w.path("id").asLong() == id) {
                            assertThat(painted)
                                    .isBetween(
                                            w.path("startMs").asDouble(),
                                            w.path("endMs").asDouble());
                            seen++;
                        }
                    }
                }
            }
            RunningServer.pause(60);
        }
        page.keyboard().press(" ");
        assertThat(seen).isGreaterThan(10);

        // Typing over a cue: the words that stay keep their times.
        List<String> before = cues(clipId);
        word("Three").click();
        version = track(clipId).path("head").path("version").asLong();
        page.keyboard().press("Enter");
        page.getByLabel("Text of this cue").fill("Three more coats,");
        page.keyboard().press("Enter");
        awaitVersionAfter(clipId, version);
        assertThat(cues(clipId)).contains("Three more coats,");

        // Split and join by keys, then all of it undone.
        version = track(clipId).path("head").path("version").asLong();
        word("coats,").click();
        page.keyboard().press("b");
        awaitVersionAfter(clipId, version);
        assertThat(cues(clipId)).contains("Three more", "coats,");
        version = track(clipId).path("head").path("version").asLong();
        word("Three").click();
        page.keyboard().press("n");
        awaitVersionAfter(clipId, version);
        for (int i = 0; i < 3; i++) {
            version = track(clipId).path("head").path("version").asLong();
            page.keyboard().press("Control+z");
            awaitVersionAfter(clipId, version);
        }
        assertThat(cues(clipId)).isEqualTo(before);

        // One choice re-breaks the whole clip.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Breaks"))
                .click();
        version = track(clipId).path("head").path("version").asLong();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^one word", Pattern.CASE_INSENSITIVE)))
                .click();
        awaitVersionAfter(clipId, version);
        assertThat(cues(clipId)).hasSize(truth.size());
        version = track(clipId).path("head").path("version").asLong();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^two lines", Pattern.CASE_INSENSITIVE)))
                .click();
        awaitVersionAfter(clipId, version);

        // A style from the strip.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Style"))
                .click();
        version = track(clipId).path("head").path("version").asLong();
        page.locator("[data-style=Lantern]").click();
        awaitVersionAfter(clipId, version);
        assertThat(page.locator("[data-style=Lantern]")).hasAttribute("aria-checked", "true");

        // Render with the window closed and opened again; then play and download.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Render"))
                .click();
        assertThat(page.getByText("The captions are burned in")).isVisible();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        page.getByRole(AriaRole.PROGRESSBAR).waitFor();
        String address = page.url();
        page.close();
        page = context.newPage();
        page.setDefaultTimeout(120_000);
        page.onPageError(pageErrors::add);
        page.navigate(address);
        Locator link = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Download")));
        link.waitFor();
        page.waitForFunction("() => document.querySelector('aside video').readyState >= 1");
        Download download = page.waitForDownload(link::click);
        assertThat(download.suggestedFilename()).isEqualTo("Three “coats” été 🚣 & more · Lantern.mp4");
        Path burned = Path.of("target/burned.mp4").toAbsolutePath();
        download.saveAs(burned);
        look(burned, clipId);
    }

    /** What was asked for is in the file. */
    private void look(Path burned, String clipId) throws Exception {
        Path source = Demo.clip("three-coats");
        assertThat(Video.frames(burned)).isEqualTo(Video.frames(source));
        assertThat(Video.seconds(burned)).isBetween(Video.seconds(source) - 0.05, Video.seconds(source) + 0.05);
        assertThat(Video.soundHash(burned)).isEqualTo(Video.soundHash(source));
        JsonNode whole = server.get("/api/clips/" + clipId + "/scene");
        Scene scene = Json.read(
                ((ObjectNode) whole)
                        .retain("width", "height", "glyphs", "pictures", "parts")
                        .toString(),
                Scene.class,
                "scene");
        FrameTimes times = FrameTimes.of(source, Probe.of(source));
        for (int at : new int[] {1, 3, 5}) {
            Part cue = scene.parts().get(at);
            int frame = frameAt(times, (cue.startMs() + cue.endMs()) / 2);
            byte[] theirs = Video.frame(burned, frame);
            byte[] plain = Video.frame(source, frame);
            byte[] ours = painted(plain, scene, times.us(frame) / 1000.0);
            Box b = cue.bounds();
            int[] crop = {(int) b.x(), (int) b.y(), (int) b.width(), (int) b.height()};
            double ssim = Pixels.ssim(cropped(ours, crop), cropped(theirs, crop), crop[2], crop[3]);
            System.out.printf("burned frame %d against the painter: SSIM %.4f%n", frame, ssim);
            assertThat(ssim).isGreaterThanOrEqualTo(0.97);
            assertThat(Pixels.ssim(cropped(plain, crop), cropped(theirs, crop), crop[2], crop[3]))
                    .isLessThan(0.9);
        }
        for (int i = 1; i < scene.parts().size(); i++) {
            int from = scene.parts().get(i - 1).endMs();
            int to = scene.parts().get(i).startMs();
            if (to - from > 100) {
                int frame = frameAt(times, (from + to) / 2);
                Box b = scene.parts().get(i).bounds();
                int[] crop = {(int) b.x(), (int) b.y(), (int) b.width(), (int) b.height()};
                assertThat(Pixels.ssim(
                                cropped(Video.frame(source, frame), crop),
                                cropped(Video.frame(burned, frame), crop),
                                crop[2],
                                crop[3]))
                        .as("a rest at frame %s", frame)
                        .isGreaterThan(0.95);
                return;
            }
        }
        throw new AssertionError("the clip has no rest to look at");
    }

    private static int frameAt(FrameTimes times, int ms) {
        int frame = 0;
        while (frame + 1 < times.count() && times.us(frame + 1) <= ms * 1000L) {
            frame++;
        }
        return frame;
    }

    private static byte[] cropped(byte[] rgba, int[] crop) {
        byte[] part = new byte[crop[2] * crop[3] * 4];
        for (int y = 0; y < crop[3]; y++) {
            System.arraycopy(rgba, ((crop[1] + y) * 1080 + crop[0]) * 4, part, y * crop[2] * 4, crop[2] * 4);
        }
        return part;
    }

    private static byte[] painted(byte[] rgba, Scene scene, double t) {
        ByteBuffer pixels = ByteBuffer.allocateDirect(rgba.length);
        pixels.put(rgba).rewind();
        ImageInfo info = new ImageInfo(new ColorInfo(ColorType.RGBA_8888, ColorAlphaType.PREMUL, null), 1080, 1920);
        try (Surface surface = Surface.wrapPixels(info, BufferUtil.getPointerFromByteBuffer(pixels), 1080 * 4L);
                ScenePainter painter = new ScenePainter(scene, 1)) {
            Canvas canvas = surface.getCanvas();
            painter.paint(canvas, new Timeline(scene).at(t), 0, 0, 1080, 1920);
        }
        byte[] result = new byte[rgba.length];
        pixels.get(result);
        return result;
    }

    @Test
    void aFileThatIsNoClipIsRefusedAndTheListGoesOn() throws Exception {
        page.navigate(server.url());
        page.getByTestId("chooser")
                .setInputFiles(new FilePayload(
                        "letter.mp4", "video/mp4", "a letter home".repeat(50).getBytes()));
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("letter.mp4: This is");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bring in a clip")))
                .isEnabled();
    }

    @Test
    void whereScriptAndVoiceDifferIsShownAndSettled() throws Exception {
        String clipId = bringIn("three-coats", "Odd script.mp4");
        page.getByLabel("What is said")
                .fill("Sand it first, or you will be back by Friday. Let each one dry until the harbour bell. "
                        + "Lanterns and seaweed. Then turn her over, and do the same again. "
                        + "A boat forgives you once. The sea does not.");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Place on the voice"))
                .click();
        page.locator("[data-word]").first().waitFor(new Locator.WaitForOptions().setTimeout(240_000));
        Locator extra = page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("Not in the script")));
        assertThat(extra.first()).isVisible();
        // “Three coats, thin as tea.” was heard at 3.8 s and is not in this script.
        assertThat(extra.first()).containsText("0:03.8");
        assertThat(page.getByText("3 words of the script were not heard.")).isVisible();
        long version = track(clipId).path("head").path("version").asLong();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Delete them"))
                .click();
        awaitVersionAfter(clipId, version);
        assertThat(String.join(" ", cues(clipId))).doesNotContain("seaweed").contains("harbour bell. Then turn");
        version = track(clipId).path("head").path("version").asLong();
        extra.first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take in"))
                .click();
        awaitVersionAfter(clipId, version);
        List<String> texts = cues(clipId);
        assertThat(texts.indexOf(texts.stream()
                        .filter(t -> t.contains("Let each"))
                        .findFirst()
                        .orElseThrow()))
                .isGreaterThan(1);
    }

    @Test
    void aDraftOfTheSpeechIsOneStepOfTheHistory() throws Exception {
        String clipId = bringIn("three-coats", "No script.mp4");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Recognise the speech"))
                .first()
                .click();
        page.locator("[data-word]").first().waitFor(new Locator.WaitForOptions().setTimeout(240_000));
        page.getByRole(AriaRole.PROGRESSBAR)
                .waitFor(new Locator.WaitForOptions()
                        .setTimeout(240_000)
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
        String draft = String.join(" ", cues(clipId));
        assertThat(draft).containsIgnoringCase("coats").matches("[A-Z].*[.?]");
        long version = track(clipId).path("head").path("version").asLong();
        page.keyboard().press("Control+z");
        awaitVersionAfter(clipId, version);
        assertThat(page.getByText("This clip has no words yet")).isVisible();
    }

    @Test
    void theFrameIsChosenAndSeen() throws Exception {
        String clipId = bringIn("last-ferry", "Wide.mp4");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("9:16"))
                .click();
        page.getByText("A video of 1080×1920").waitFor();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Fit"))
                .click();
        page.locator("video[style*='contain']").waitFor();
        JsonNode head = track(clipId).path("head");
        assertThat(head.path("frame").path("sit").asString()).isEqualTo("FIT");
        assertThat(head.path("output").path("height").asInt()).isEqualTo(1920);
    }

    @Test
    void aCaptionFileIsReadAndWrittenInTheBrowser() throws Exception {
        String clipId = bringIn("three-coats", "From a file.mp4");
        page.getByLabel("Caption file")
                .setInputFiles(new FilePayload(
                        "old.srt",
                        "application/x-subrip",
                        "3\n00:00:00,100 --> 00:00:01,200\nSand it\n<i>first</i>,\n".getBytes()));
        page.locator("[data-word]").first().waitFor();
        assertThat(page.getByText("Line 2: the cue is numbered 3, it is cue 1")).isVisible();
        assertThat(cues(clipId)).containsExactly("Sand it first,");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Render").setExact(true))
                .click();
        assertThat(page.getByText("the emphasis of 1 word").first()).isVisible();
        Download download = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^SRT")))
                        .click());
        assertThat(Files.readString(download.path()))
                .isEqualTo("1\n00:00:00,100 --> 00:00:01,200\nSand it\nfirst,\n\n");
        assertThat(download.suggestedFilename()).isEqualTo("From a file.srt");
    }

    @Test
    void aClipThatBrowsersCannotPlayGetsALightCopy() throws Exception {
        Path odd = Files.createTempDirectory("salt-drum").resolve("odd.mkv");
        Process made = new ProcessBuilder(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-f",
                        "lavfi",
                        "-i",
                        "testsrc2=s=359x641:r=24:d=2",
                        "-c:v",
                        "libx265",
                        "-x265-params",
                        "log-level=error",
                        "-pix_fmt",
                        "yuv420p10le",
                        odd.toString())
                .inheritIO()
                .start();
        assertThat(made.waitFor()).isZero();
        page.navigate(server.url());
        page.getByTestId("chooser")
                .setInputFiles(new FilePayload("Ten bits.mkv", "video/x-matroska", Files.readAllBytes(odd)));
        page.waitForURL(Pattern.compile(".*/clips/[a-z0-9]{12}/words"));
        page.locator("video[src]").waitFor();
        page.waitForFunction("() => document.querySelector('video[src]').readyState >= 2");
        assertThat(((Number) page.evaluate("() => document.querySelector('video[src]').videoHeight")).intValue())
                .isGreaterThanOrEqualTo(640);
        page.getByText("This clip has no words yet").waitFor();
        // No sound: nothing to recognise, and the page says so by not offering it.
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Recognise the speech")))
                .hasCount(0);
    }

    @Test
    void aSecondWindowSeesWhatTheFirstOneDoes() throws Exception {
        bringIn("tide-pool", "Under this stone.mp4");
        placeScript("tide-pool");
        Page second = context.newPage();
        second.navigate(page.url());
        second.locator("[data-word]").first().waitFor();
        word("stone?").click();
        page.keyboard().press("e");
        second.locator("[data-word] .italic").first().waitFor(new Locator.WaitForOptions().setTimeout(5000));
    }

    @Test
    void previewFramesArePaintedInTime() throws Exception {
        bringIn("tide-pool", "Pace.mp4");
        placeScript("tide-pool");
        page.evaluate("() => { " + Files.readString(Path.of("../web/build/painter.js"))
                + "; window.saltDrumPainter = saltDrumPainter; }");
        for (String style : List.of("Mallet", "Lantern", "Tidemark")) {
            String clipId = page.url().replaceAll(".*/clips/([a-z0-9]{12})/.*", "$1");
            server.post(
                    "/api/clips/" + clipId + "/track/edits",
                    "{\"version\":" + track(clipId).path("head").path("version").asLong()
                            + ",\"edit\":{\"kind\":\"restyle\",\"style\":\"" + style + "\"}}");
            Object p95 = page.evaluate(
                    """
                    async id => {
                      const scene = await (await fetch(`/api/clips/${id}/scene`)).json();
                      const canvas = document.createElement('canvas'); canvas.width = 540; canvas.height = 960;
                      const c = canvas.getContext('2d', { willReadFrequently: true }); const painter = new saltDrumPainter.ScenePainter(scene, 0.5); const ms = [];
                      for (let t = 0; t < 15000; t += 1000 / 60) {
                        const s = performance.now(); c.clearRect(0, 0, 540, 960); painter.paint(c, t); c.getImageData(0, 0, 1, 1); ms.push(performance.now() - s);
                        // What the stage does between two frames.
                        painter.ahead(t);
                      }
                      ms.sort((a, b) => a - b); return [ms[Math.floor(ms.length * 0.95)], ms.length];
                    }
                    """,
                    clipId);
            System.out.println("paint a preview frame 540x960, " + style + ": p95 ms, frames " + p95);
            assertThat(((Number) ((List<?>) p95).get(1)).intValue()).isGreaterThanOrEqualTo(900);
        }
    }
}
