package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorInfo;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.skija.impl.BufferUtil;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.Json;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Box;
import saltdrum.core.scene.CueScene;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;
import saltdrum.core.style.ShippedStyles;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.media.paint.Painter;

/** The same scene at the same times, painted by Chromium's canvas and by the burn's painter, pixel by pixel. */
class PainterParityTest {
    private static final int BACKGROUND = 0xff47707a;
    private static Page page;

    @BeforeAll
    static void openPage() {
        page = Browser.chromium().newPage();
        page.setContent("<p>parity</p>");
        page.addScriptTag(new Page.AddScriptTagOptions().setPath(Path.of("../web/build/painter.js")));
        page.evaluate(
                """
                () => { window.paintScene = ({ scene, scale, t, left, top, width, height }) => {
                  window.painters ??= new Map();
                  const key = scene + scale;
                  if (!painters.has(key)) painters.set(key, new saltDrumPainter.Painter(scenes[scene], scale));
                  const canvas = new OffscreenCanvas(width, height);
                  const c = canvas.getContext('2d', { willReadFrequently: true });
                  c.fillStyle = '#47707a';
                  c.fillRect(0, 0, width, height);
                  painters.get(key).paint(c, t, left, top);
                  const data = c.getImageData(0, 0, width, height).data;
                  let text = '';
                  for (let i = 0; i < data.length; i += 8190) text += String.fromCharCode(...data.subarray(i, i + 8190));
                  return btoa(text);
                }; window.scenes = {}; }
                """);
    }

    @AfterAll
    static void closePage() {
        page.close();
    }

    @ParameterizedTest
    @CsvSource({"Mallet,1", "Lantern,1", "Tidemark,1", "Mallet,0.5", "Lantern,0.5", "Tidemark,0.5"})
    void bothPaintersDrawTheSame(String style, double scale) throws Exception {
        SceneMaker maker = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
        Scene scene = maker.make(
                Demo.track("three-coats", Recipe.TWO_LINES, style),
                new ShippedStyles().get(style),
                new Size(1080, 1920));
        page.evaluate("([name, scene]) => { scenes[name] = JSON.parse(scene); }", List.of(style, Json.write(scene)));
        List<Integer> differences = new ArrayList<>();
        List<Double> similarities = new ArrayList<>();
        try (Painter painter = new Painter(scene, scale)) {
            for (double t : times(scene)) {
                SceneAt at = SceneAt.of(scene, t);
                Box bounds = at.cue().bounds();
                int left = (int) Math.floor(bounds.x() * scale);
                int top = (int) Math.floor(bounds.y() * scale);
                int width = (int) Math.ceil(bounds.right() * scale) - left;
                int height = (int) Math.ceil(bounds.bottom() * scale) - top;
                byte[] ours = paint(painter, at, left, top, width, height);
                byte[] theirs = Base64.getDecoder().decode((String) page.evaluate(
                        "order => paintScene(order)",
                        Map.of(
                                "scene", style, "scale", scale, "t", t, "left", left, "top", top, "width", width,
                                "height", height)));
                int difference = Pixels.largestDifference(ours, theirs);
                differences.add(difference);
                similarities.add(Pixels.ssim(ours, theirs, width, height));
            }
        }
        System.out.println("parity " + style + " x" + scale + ": largest differences " + differences);
        System.out.printf("parity %s x%s: least SSIM %.6f%n", style, scale, Collections.min(similarities));
        assertThat(differences).hasSizeGreaterThanOrEqualTo(20).allMatch(difference -> difference <= 3);
        assertThat(similarities).allMatch(similarity -> similarity >= 0.999);
    }

    @Test
    void aDifferenceWouldBeSeen() throws Exception {
        byte[] a = new byte[64 * 64 * 4];
        byte[] b = a.clone();
        for (int i = 0; i < 16 * 64 * 4; i++) {
            b[i] = 90;
        }
        assertThat(Pixels.largestDifference(a, b)).isEqualTo(90);
        assertThat(Pixels.ssim(a, b, 64, 64)).isLessThan(0.9);
    }

    /** Entrances, spoken words, rests in a cue and exits: five moments of each of the first cues. */
    private static List<Double> times(Scene scene) {
        List<Double> times = new ArrayList<>();
        for (CueScene cue : scene.cues().subList(0, Math.min(5, scene.cues().size()))) {
            for (double share : new double[] {0.02, 0.07, 0.3, 0.62, 0.985}) {
                times.add(cue.startMs() + share * (cue.endMs() - cue.startMs()));
            }
        }
        return times;
    }

    private static byte[] paint(Painter painter, SceneAt at, int left, int top, int width, int height) {
        ByteBuffer pixels = ByteBuffer.allocateDirect(width * height * 4);
        ImageInfo info = new ImageInfo(new ColorInfo(ColorType.BGRA_8888, ColorAlphaType.PREMUL, null), width, height);
        try (Surface surface = Surface.wrapPixels(info, BufferUtil.getPointerFromByteBuffer(pixels), width * 4L)) {
            Canvas canvas = surface.getCanvas();
            canvas.clear(BACKGROUND);
            painter.paint(canvas, at, left, top);
        }
        byte[] bytes = new byte[width * height * 4];
        // As the burn paints: blue first. The canvas gives red first.
        for (int i = 0; i < bytes.length; i += 4) {
            bytes[i] = pixels.get(i + 2);
            bytes[i + 1] = pixels.get(i + 1);
            bytes[i + 2] = pixels.get(i);
            bytes[i + 3] = pixels.get(i + 3);
        }
        return bytes;
    }
}
