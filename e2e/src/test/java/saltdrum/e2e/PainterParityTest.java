package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.Json;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.look.FacetGroup;
import saltdrum.core.motion.Way;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;
import saltdrum.core.scene.SceneBook;
import saltdrum.core.scene.Timeline;
import saltdrum.core.style.LookBook;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.media.paint.ScenePainter;

/** The same scene at the same times, painted by Chromium's canvas and by the burn's painter, pixel by pixel. */
class PainterParityTest {
    private static final int ALIKE = 3;
    private static final int MOST_STRAYS = 5;
    private static final int BACKGROUND = 0xff47707a;
    /** Every size and moment, as {@code ./salt-drum test long} looks at them; else those at which painters differ most easily. */
    private static final boolean ALL = Boolean.getBoolean("long");

    private static final SceneMaker MAKER = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
    private static Page page;
    private static PicturesOnDemand ours;

    @BeforeAll
    static void openPage() throws Exception {
        ours = new PicturesOnDemand();
        page = Browser.chromium().newPage();
        page.setContent("<p>parity</p>");
        page.addScriptTag(new Page.AddScriptTagOptions().setPath(Path.of("../web/build/painter.js")));
        page.addScriptTag(new Page.AddScriptTagOptions().setPath(Path.of("src/test/resources/saltdrum/e2e/parity.js")));
    }

    @AfterAll
    static void closePage() {
        page.close();
        ours.close();
    }

    static Stream<Style> shipped() {
        return new ShippedStyles().all().stream();
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void bothPaintersDrawTheStylesAlike(Style style) throws Exception {
        Scene scene =
                MAKER.make(Demo.track("three-coats", Recipe.TWO_LINES, style.name()), style, new Size(1080, 1920));
        List<Double> times = times(scene);
        assertThat(times).hasSizeGreaterThanOrEqualTo(20);
        compare(style.name(), scene, 0.5, times).check();
        compare(style.name(), scene, 1, some(times)).check();
    }

    /** A wave, a sailor of several parts, a flag, a hand with its skin; still and in a motion that turns and fades. */
    @ParameterizedTest
    @CsvSource({"Mallet", "Rock pool", "Night ferry"})
    void bothPaintersDrawEmojiAlike(String style) throws Exception {
        List<Word> words = List.of(
                Word.of(1, "tide\uD83C\uDF0A", 200, 500, WordSource.TYPED),
                Word.of(2, "\uD83D\uDC69\u200D\uD83D\uDE80", 500, 800, WordSource.TYPED),
                Word.of(3, "\uD83C\uDDEE\uD83C\uDDF8", 800, 1100, WordSource.TYPED),
                Word.of(4, "\uD83D\uDC4B\uD83C\uDFFD", 1100, 1600, WordSource.TYPED));
        Track track = Track.of("en", Recipe.TWO_LINES, style, words);
        Scene scene = MAKER.make(track, new ShippedStyles().get(style), new Size(1080, 1920));
        assertThat(scene.pictures()).hasSize(4);
        compare("emoji in " + style, scene, 1, some(times(scene))).check();
        compare("emoji in " + style, scene, 0.5, times(scene)).check();
    }

    static Stream<Style> looks() {
        return LookBook.pages().stream();
    }

    /** Everything that can be settled about a look, on a cue of two lines. */
    @ParameterizedTest
    @MethodSource("looks")
    void bothPaintersDrawEveryLookAlike(Style style) throws Exception {
        Scene scene = MAKER.make(Demo.track("three-coats", Recipe.TWO_LINES, "Mallet"), style, new Size(1080, 1920));
        Part cue = scene.parts().get(0);
        List<Double> times = List.of(cue.startMs() + 90.0, (cue.startMs() + cue.endMs()) / 2.0);
        compare("look " + style.name(), scene, 1, some(times)).check();
        boolean moves = style.plain().settled().facets().stream().anyMatch(f -> f.group() == FacetGroup.MOTION);
        Likeness half = compare("look " + style.name(), scene, 0.5, moves ? motionTimes(cue) : times);
        if (style.name().equals("by letter: " + Way.BLUR)) {
            // Letters of a few pixels, each blurred, mixed and faded on a picture of its own: roundings add up to 4.
            assertThat(half.differences).allMatch(difference -> difference <= ALIKE + 1);
            assertThat(half.similarities).allMatch(similarity -> similarity >= 0.998);
        } else {
            half.check();
        }
    }

    /** On the way in, at the second word, in the middle, and on the way out. */
    private static List<Double> motionTimes(Part cue) {
        return Stream.of(0.02, 0.05, 0.11, 0.32, 0.6, 0.93, 0.985)
                .map(share -> cue.startMs() + share * (cue.endMs() - cue.startMs()))
                .toList();
    }

    static Stream<SceneBook.Page> book() {
        return SceneBook.pages().stream();
    }

    /** What both can do stands in the book; {@code SceneBookTest} says when something is missing there. */
    @ParameterizedTest
    @MethodSource("book")
    void bothPaintersDrawEveryPageAlike(SceneBook.Page book) throws Exception {
        compare(book.name(), book.scene(), 1, some(book.times())).check();
        compare(book.name(), book.scene(), 0.5, book.times()).check();
        // At twice the size a few pixels of an edge stray; see docs/decisions/0016-one-scene-of-groups.md.
        if (!ALL) {
            return;
        }
        List<Double> two = book.times().subList(0, Math.min(2, book.times().size()));
        assertThat(compare(book.name(), book.scene(), 2, two).strays).allMatch(strays -> strays <= MOST_STRAYS);
    }

    /** @param strays pixels a picture that differ by more than 3 */
    private record Likeness(String what, List<Integer> differences, List<Integer> strays, List<Double> similarities) {
        void check() {
            assertThat(differences).as(what).allMatch(difference -> difference <= ALIKE);
            assertThat(similarities).as(what).allMatch(similarity -> similarity >= 0.999);
        }
    }

    /** Of each cue one moment in which it moves, where not all are asked for. */
    private static List<Double> some(List<Double> times) {
        return ALL
                ? times
                : IntStream.range(0, times.size())
                        .filter(i -> i % 5 == 1 || times.size() == 1)
                        .mapToObj(times::get)
                        .toList();
    }

    private record Place(double t, int left, int top, int width, int height) {}

    private static Likeness compare(String name, Scene scene, double scale, List<Double> times) throws Exception {
        page.evaluate("([name, scene]) => parity.load(name, scene)", List.of(name, Json.write(scene)));
        Likeness likeness = new Likeness(name + " x" + scale, new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        Timeline timeline = new Timeline(scene);
        List<Place> places =
                times.stream().map(t -> place(timeline.at(t), t, scale)).toList();
        try (ScenePainter painter = new ScenePainter(scene, scale)) {
            ours.paintedBy(index -> paint(painter, timeline, places.get(index)));
            Object seen = page.evaluate(
                    "asked => parity.pictures(asked)",
                    Map.of(
                            "scene",
                            name,
                            "scale",
                            scale,
                            "background",
                            "#%06x".formatted(BACKGROUND & 0xffffff),
                            "alike",
                            ALIKE,
                            "ours",
                            ours.address(),
                            "places",
                            places.stream().map(PainterParityTest::asked).toList()));
            for (Object one : (List<?>) seen) {
                Map<?, ?> picture = (Map<?, ?>) one;
                likeness.differences.add(((Number) picture.get("difference")).intValue());
                likeness.strays.add(((Number) picture.get("strays")).intValue());
                likeness.similarities.add(((Number) picture.get("ssim")).doubleValue());
            }
        }
        System.out.printf(
                "parity %s: largest difference %d, least SSIM %.6f%n",
                likeness.what, Collections.max(likeness.differences), Collections.min(likeness.similarities));
        return likeness;
    }

    private static Place place(SceneAt at, double t, double scale) {
        Box bounds = at.alive().stream()
                .map(alive -> alive.part().bounds())
                .reduce(Box::union)
                .orElseThrow();
        int left = (int) Math.floor(bounds.x() * scale);
        int top = (int) Math.floor(bounds.y() * scale);
        int width = (int) Math.ceil(bounds.right() * scale) - left;
        int height = (int) Math.ceil(bounds.bottom() * scale) - top;
        return new Place(t, left, top, width, height);
    }

    private static Map<String, Object> asked(Place place) {
        return Map.of("t", place.t, "left", place.left, "top", place.top, "width", place.width, "height", place.height);
    }

    /** The page's own comparison sees what {@link Pixels} sees. */
    @Test
    void aDifferenceWouldBeSeen() {
        byte[] a = new byte[64 * 64 * 4];
        byte[] b = a.clone();
        for (int i = 0; i < 16 * 64 * 4; i++) {
            b[i] = 90;
        }
        Map<?, ?> seen = (Map<?, ?>)
                page.evaluate(
                        """
                () => { const a = new Uint8Array(64 * 64 * 4), b = new Uint8Array(64 * 64 * 4);
                  b.fill(90, 0, 16 * 64 * 4);
                  return parity.compare(a, b, 64, 64, 3); }
                """);
        assertThat(seen.get("difference")).isEqualTo(90).isEqualTo(Pixels.largestDifference(a, b));
        assertThat(seen.get("strays")).isEqualTo(16 * 64).isEqualTo(Pixels.differing(a, b, ALIKE));
        assertThat(((Number) seen.get("ssim")).doubleValue())
                .isLessThan(0.9)
                .isCloseTo(Pixels.ssim(a, b, 64, 64), within(1e-9));
    }

    /** Entrances, spoken words, rests in a cue and exits: five moments of each of the first cues. */
    private static List<Double> times(Scene scene) {
        List<Double> times = new ArrayList<>();
        for (Part cue : scene.parts().subList(0, Math.min(5, scene.parts().size()))) {
            for (double share : new double[] {0.02, 0.07, 0.3, 0.62, 0.985}) {
                times.add(cue.startMs() + share * (cue.endMs() - cue.startMs()));
            }
        }
        return times;
    }

    /** As the burn paints: blue first. */
    private static byte[] paint(ScenePainter painter, Timeline timeline, Place at) {
        ByteBuffer pixels = ByteBuffer.allocateDirect(at.width * at.height * 4);
        ImageInfo info =
                new ImageInfo(new ColorInfo(ColorType.BGRA_8888, ColorAlphaType.PREMUL, null), at.width, at.height);
        try (Surface surface = Surface.wrapPixels(info, BufferUtil.getPointerFromByteBuffer(pixels), at.width * 4L)) {
            Canvas canvas = surface.getCanvas();
            canvas.clear(BACKGROUND);
            painter.paint(canvas, timeline.at(at.t), at.left, at.top, at.width, at.height);
        }
        byte[] bytes = new byte[pixels.remaining()];
        pixels.get(bytes);
        return bytes;
    }
}
