package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorInfo;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.skija.impl.BufferUtil;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.Json;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.look.FacetGroup;
import saltdrum.core.motion.TransitionEffect;
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
import tools.jackson.databind.JsonNode;

/** The same scene at the same times, painted by a browser's canvas and by the burn's painter, pixel by pixel. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class PainterParity {
    static final int ALIKE = 3;
    private static final int BACKGROUND = 0xff47707a;
    /** Every size and moment, as {@code ./salt-drum test long} looks at them; else those at which painters differ most easily. */
    private static final boolean ALL = Boolean.getBoolean("long");

    static final SceneMaker MAKER = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
    private PicturesOnDemand ours;
    private ScriptedPage page;

    /** Opens an address in the browser that is tried. */
    abstract ScriptedPage open(String url) throws Exception;

    abstract void leave() throws Exception;

    @BeforeAll
    void openPage() throws Exception {
        ours = new PicturesOnDemand();
        page = open(ours.address() + "/page");
    }

    @AfterAll
    void closePage() throws Exception {
        leave();
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
        check(compare(style.name(), scene, 0.5, times));
        check(compare(style.name(), scene, 1, some(times)));
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
        check(compare("emoji in " + style, scene, 1, some(times(scene))));
        check(compare("emoji in " + style, scene, 0.5, times(scene)));
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
        check(compare("look " + style.name(), scene, 1, some(times)));
        boolean moves = style.plain().settled().facets().stream().anyMatch(f -> f.group() == FacetGroup.MOTION);
        Likeness half = compare("look " + style.name(), scene, 0.5, moves ? motionTimes(cue) : times);
        // Letters of a few pixels, each blurred, mixed and faded on a picture of its own: roundings add up to 4.
        check(
                half,
                style.name().equals("by letter: " + TransitionEffect.BLUR) ? Tolerance.SMALL_BLURS : Tolerance.USUAL);
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

    /** Every feature of both painters is in the book; {@code SceneBookTest} fails if one is missing. */
    @ParameterizedTest
    @MethodSource("book")
    void bothPaintersDrawEveryPageAlike(SceneBook.Page book) throws Exception {
        check(compare(book.name(), book.scene(), 1, some(book.times())));
        check(compare(book.name(), book.scene(), 0.5, book.times()));
        // At twice the size a few pixels of an edge stray; see docs/decisions/0016-one-scene-of-groups.md.
        if (!ALL) {
            return;
        }
        List<Double> two = book.times().subList(0, Math.min(2, book.times().size()));
        check(compare(book.name(), book.scene(), 2, two), Tolerance.AT_TWICE_THE_SIZE);
    }

    /**
     * Two painters' pictures of some moments.
     *
     * @param differences the largest of a colour's 255, a picture
     * @param strays pixels a picture that differ by more than 3
     * @param beyond the share of pixels that differ by more than 3 from all that the other has there and beside it
     */
    record Likeness(
            String what,
            List<Integer> differences,
            List<Integer> strays,
            List<Double> beyond,
            List<Double> similarities) {
        Likeness(String what) {
            this(what, new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        }

        private void add(JsonNode picture, Place place) {
            differences.add(picture.path("difference").asInt());
            strays.add(picture.path("strays").asInt());
            beyond.add(picture.path("beyondEdges").asDouble() / place.width / place.height);
            similarities.add(picture.path("ssim").asDouble());
        }
    }

    /**
     * How alike two painters are that share a rasteriser.
     *
     * @param difference of a colour's 255, but at so many stray pixels
     * @param similarity least SSIM
     */
    record Tolerance(int difference, int strays, double similarity) {
        static final Tolerance USUAL = new Tolerance(ALIKE, 0, 0.999);
        static final Tolerance SMALL_BLURS = new Tolerance(ALIKE + 1, 0, 0.998);
        static final Tolerance AT_TWICE_THE_SIZE = new Tolerance(ALIKE, 5, 0.999);
    }

    /** Whether they are as alike as this browser's painter can be to the burn's. */
    abstract void check(Likeness likeness, Tolerance tolerance);

    private void check(Likeness likeness) {
        check(likeness, Tolerance.USUAL);
    }

    /** One moving moment of each cue, unless all are requested. */
    private static List<Double> some(List<Double> times) {
        return ALL
                ? times
                : IntStream.range(0, times.size())
                        .filter(i -> i % 5 == 1 || times.size() == 1)
                        .mapToObj(times::get)
                        .toList();
    }

    record Place(double t, int left, int top, int width, int height) {}

    private Likeness compare(String name, Scene scene, double scale, List<Double> times) throws Exception {
        Likeness likeness = new Likeness(name + " x" + scale);
        Timeline timeline = new Timeline(scene);
        List<Place> places =
                times.stream().map(t -> place(timeline.at(t), t, scale)).toList();
        try (ScenePainter painter = new ScenePainter(scene, scale)) {
            ours.paintedBy(Json.write(scene), index -> paint(painter, timeline, places.get(index)));
            JsonNode seen = page.run("return parity.pictures("
                    + Json.write(Map.of(
                            "scale",
                            scale,
                            "background",
                            "#%06x".formatted(BACKGROUND & 0xffffff),
                            "alike",
                            ALIKE,
                            "places",
                            places.stream().map(PainterParity::asked).toList()))
                    + ")");
            assertThat(seen).hasSameSizeAs(places);
            for (int i = 0; i < places.size(); i++) {
                likeness.add(seen.path(i), places.get(i));
            }
        }
        System.out.printf(
                "%s %s: largest difference %d, strays %d, beyond edges %.6f, least SSIM %.6f%n",
                getClass().getSimpleName(),
                likeness.what,
                Collections.max(likeness.differences),
                Collections.max(likeness.strays),
                Collections.max(likeness.beyond),
                Collections.min(likeness.similarities));
        return likeness;
    }

    static Place place(SceneAt at, double t, double scale) {
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

    static Map<String, Object> asked(Place place) {
        return Map.of("t", place.t, "left", place.left, "top", place.top, "width", place.width, "height", place.height);
    }

    /** The page's own comparison sees what {@link Pixels} sees. */
    @Test
    void aDifferenceWouldBeSeen() throws Exception {
        byte[] a = new byte[64 * 64 * 4];
        byte[] b = a.clone();
        for (int i = 0; i < 16 * 64 * 4; i++) {
            b[i] = 90;
        }
        JsonNode seen = page.run(
                """
                const a = new Uint8Array(64 * 64 * 4), b = new Uint8Array(64 * 64 * 4);
                b.fill(90, 0, 16 * 64 * 4);
                return parity.compare(a, b, 64, 64, 3);
                """);
        assertThat(seen.path("difference").asInt()).isEqualTo(90).isEqualTo(Pixels.largestDifference(a, b));
        assertThat(seen.path("strays").asInt()).isEqualTo(16 * 64).isEqualTo(Pixels.differing(a, b, ALIKE));
        assertThat(seen.path("ssim").asDouble()).isLessThan(0.9).isCloseTo(Pixels.ssim(a, b, 64, 64), within(1e-9));
    }

    /** Entrances, spoken words, rests in a cue and exits: five moments of each of the first cues. */
    static List<Double> times(Scene scene) {
        List<Double> times = new ArrayList<>();
        for (Part cue : scene.parts().subList(0, Math.min(5, scene.parts().size()))) {
            for (double share : new double[] {0.02, 0.07, 0.3, 0.62, 0.985}) {
                times.add(cue.startMs() + share * (cue.endMs() - cue.startMs()));
            }
        }
        return times;
    }

    /** As the burn paints: blue first. */
    static byte[] paint(ScenePainter painter, Timeline timeline, Place at) {
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
