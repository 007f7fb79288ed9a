package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;

/**
 * How much script a frame of the browser takes while the demo clip plays, a style at a time: {@code ./salt-drum bench
 * page}. It measures and says; only that something was measured can fail.
 */
class PageBench extends OnTheBench {
    /** Sums what all callbacks of one frame take: those of the browser's frames and those of the video's. */
    private static final String WATCH =
            """
            window.frames_ = new Map();
            const timed = (callback) => (now, ...more) => {
              const from = performance.now();
              try { return callback(now, ...more); } finally {
                window.frames_.set(now, (window.frames_.get(now) ?? 0) + performance.now() - from);
              }
            };
            const ask = window.requestAnimationFrame.bind(window);
            window.requestAnimationFrame = (callback) => ask(timed(callback));
            const askVideo = HTMLVideoElement.prototype.requestVideoFrameCallback;
            HTMLVideoElement.prototype.requestVideoFrameCallback = function (callback) { return askVideo.call(this, timed(callback)); };
            """;

    /** Milliseconds: how many frames, the 95th percentile, the most, how many above 12. */
    private static final String SAID =
            """
            () => { const ms = [...window.frames_.values()].sort((a, b) => a - b); window.frames_.clear();
              return { frames: ms.length, p95: ms[Math.floor(ms.length * 0.95)] ?? 0, most: ms.at(-1) ?? 0, above: ms.filter((m) => m > 12).length }; }
            """;

    static java.util.List<Style> styles() {
        return new ShippedStyles().all();
    }

    @ParameterizedTest
    @MethodSource("styles")
    void framesWhileItPlays(Style style) throws Exception {
        page.addInitScript(WATCH);
        String clipId = server.bring(Demo.clip("three-coats"), "Frames.mp4");
        server.caption(clipId, Demo.CLIPS.resolve("three-coats.words.json"));
        server.post(
                "/api/clips/" + clipId + "/track/edits",
                "{\"version\":" + version(clipId) + ",\"edit\":{\"kind\":\"restyle\",\"style\":\"" + style.name()
                        + "\"}}");
        page.navigate(server.url() + "/clips/" + clipId + "/style");
        page.locator("[data-word]").first().waitFor();
        awaitPicture();
        page.waitForTimeout(3000);
        page.evaluate(SAID);
        Locator play = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Play").setExact(true));
        play.click();
        String first = said(1000);
        String on = said(4000);
        page.getByLabel("Playhead").fill("11000");
        String jumped = said(2000);
        System.out.println("script a frame, ms, " + style.name() + ": first second " + first + "; then " + on
                + "; after a jump " + jumped);
    }

    private String said(int ms) {
        page.waitForTimeout(ms);
        Map<?, ?> said = (Map<?, ?>) page.evaluate(SAID);
        assertThat(number(said, "frames")).isPositive();
        return String.format(
                Locale.ROOT,
                "%.0f frames, p95 %.1f, most %.1f, %.0f above 12",
                number(said, "frames"),
                number(said, "p95"),
                number(said, "most"),
                number(said, "above"));
    }

    private static double number(Map<?, ?> said, String name) {
        return ((Number) said.get(name)).doubleValue();
    }

    /** The painter alone, at the size of a preview, through every frame of the demo clip. */
    @ParameterizedTest
    @MethodSource("styles")
    void previewFrames(Style style) throws Exception {
        String clipId = withWords("tide-pool", "Pace.mp4");
        page.evaluate("() => { " + Files.readString(Path.of("../web/build/painter.js"))
                + "; window.saltDrumPainter = saltDrumPainter; }");
        server.post(
                "/api/clips/" + clipId + "/track/edits",
                "{\"version\":" + version(clipId) + ",\"edit\":{\"kind\":\"restyle\",\"style\":\"" + style.name()
                        + "\"}}");
        Map<?, ?> said = (Map<?, ?>) page.evaluate(
                """
                async id => {
                  const scene = await (await fetch(`/api/clips/${id}/scene`)).json();
                  const canvas = document.createElement('canvas'); canvas.width = 540; canvas.height = 960;
                  const c = canvas.getContext('2d', { willReadFrequently: true });
                  const painter = new saltDrumPainter.ScenePainter(scene, 0.5);
                  const ms = [];
                  for (let t = 0; t < 15000; t += 1000 / 60) {
                    const s = performance.now();
                    c.clearRect(0, 0, 540, 960); painter.paint(c, t); c.getImageData(0, 0, 1, 1);
                    ms.push(performance.now() - s);
                    // What the stage does between two frames.
                    painter.ahead(t);
                  }
                  ms.sort((a, b) => a - b);
                  return { frames: ms.length, p95: ms[Math.floor(ms.length * 0.95)] };
                }
                """,
                clipId);
        assertThat(number(said, "frames")).isPositive();
        System.out.printf(
                Locale.ROOT, "paint a preview frame 540x960, ms, %s: p95 %.1f%n", style.name(), number(said, "p95"));
    }
}
