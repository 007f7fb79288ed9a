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
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One person captions one clip from start to finish, with mouse and keys. */
class WholeJobTest extends OnTheBench {
    /** Three sentences of the demo clip, whole of it in {@code ./salt-drum test long}; in its own size. */
    private static final double SECONDS = Boolean.getBoolean("long") ? 60 : 9.3;

    private static final int LEFT_OVER_MS = 200;

    /** The clip's words, as reported by the synthesiser. */
    private static List<Word> spoken() throws Exception {
        return Demo.truth("three-coats").toWords().stream()
                .filter(word -> word.endMs() < SECONDS * 1000 - LEFT_OVER_MS)
                .toList();
    }

    @Test
    void aClipIsBroughtInTimedCorrectedStyledAndBurned() throws Exception {
        Path source = SmallClips.beginning("three-coats", SECONDS);
        String clipId =
                upload(new FilePayload("Three “coats” été 🚣 & more.mp4", "video/mp4", Files.readAllBytes(source)));
        assertThat(page.getByText("This clip has no words yet")).isVisible();
        // Word times against the synthesiser's own.
        List<Word> truth = spoken();
        placeText(String.join(" ", truth.stream().map(Word::text).toList()));
        assertThat(track(clipId).path("head").path("unscripted")).isEmpty();

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
        for (int i = 0; i < 200 && seen <= 10; i++) {
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
        // A word that is too short to be seen alone has its neighbour.
        assertThat(cues(clipId))
                .hasSizeBetween(truth.size() - 3, truth.size())
                .allMatch(cue -> cue.split(" ").length <= 2);
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
        page.setDefaultTimeout(Patience.LIMIT.toMillis());
        page.onPageError(pageErrors::add);
        page.navigate(address);
        Locator link = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Download")));
        link.waitFor();
        page.waitForFunction("() => document.querySelector('aside video').readyState >= 1");
        Download download = page.waitForDownload(link::click);
        assertThat(download.suggestedFilename()).isEqualTo("Three “coats” été 🚣 & more · Lantern.mp4");
        Path burned = Path.of("target/burned.mp4").toAbsolutePath();
        download.saveAs(burned);
        look(source, burned, clipId);
    }

    /** The file contains what was ordered. */
    private void look(Path source, Path burned, String clipId) throws Exception {
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
        for (int at : new int[] {0, 1, 3}) {
            Part cue = scene.parts().get(at);
            int frame = times.shownAt((cue.startMs() + cue.endMs()) / 2);
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
                int frame = times.shownAt((from + to) / 2);
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
}
