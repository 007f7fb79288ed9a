package saltdrum.media.font;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.look.Face;

class SkijaTypesetterTest {
    private static final Face SANS = new Face("Noto Sans", 700);
    private final SkijaTypesetter typesetter = new SkijaTypesetter(FontShelf.shipped());

    private ShapedWord shape(String text, Face face) {
        return typesetter.shape(text, face, "en");
    }

    @Test
    void twentyFourOrMoreFamiliesShip() {
        assertThat(FontShelf.shipped().families())
                .filteredOn(family -> family.origin() == FontShelf.Origin.SHIPPED)
                .hasSizeGreaterThanOrEqualTo(24);
    }

    /** Concurrent shaping gives the same glyphs and places as a single thread. */
    @Test
    void manyShapeAtOnceAndGetTheSame() throws Exception {
        List<String> texts = IntStream.range(0, 400)
                .mapToObj(i ->
                        List.of("Tide", "\u0628\u062d\u0631", "\u0928\u092e\u0938\u094d\u0924\u0947", "flow", "\u6f6e")
                                        .get(i % 5)
                                + i)
                .toList();
        List<ShapedWord> alone = texts.stream().map(text -> shape(text, SANS)).toList();
        SkijaTypesetter fresh = new SkijaTypesetter(FontShelf.shipped());
        List<Callable<List<ShapedWord>>> four = Collections.nCopies(
                4,
                () -> texts.stream().map(text -> fresh.shape(text, SANS, "en")).toList());
        ExecutorService threads = Executors.newFixedThreadPool(4);
        try {
            for (Future<List<ShapedWord>> together : threads.invokeAll(four)) {
                assertThat(together.get()).isEqualTo(alone);
            }
        } finally {
            threads.shutdown();
        }
    }

    @Test
    void pairsAreKerned() {
        double apart = shape("A", SANS).advance() + shape("V", SANS).advance();
        assertThat(shape("AV", SANS).advance()).isLessThan(apart);
    }

    @Test
    void arabicLettersAreJoined() {
        ShapedWord alone = shape("\u0628", SANS);
        ShapedWord joined = shape("\u0628\u0628\u0628", SANS);
        assertThat(joined.glyphs()).isNotEmpty();
        assertThat(joined.advance()).isLessThan(3 * alone.advance() - 100);
    }

    @Test
    void aFaceWithoutAGlyphIsHelpedOut() {
        ShapedWord greek = shape("\u03b8", new Face("Anton", 400));
        assertThat(greek.glyphs()).hasSize(1);
        assertThat(greek.glyphs().get(0).key()).doesNotEndWith(".0");
        assertThat(typesetter.outline(greek.glyphs().get(0).key())).startsWith("M");
    }

    @Test
    void aCombiningMarkStaysOnItsLetter() {
        ShapedWord word = shape("x\u0302y", SANS).spaced(100);
        assertThat(word.advance()).isEqualTo(shape("x\u0302y", SANS).advance() + 100);
    }

    @Test
    void noTextEndsTheProcess() {
        Random random = new Random(20261126);
        int[] from = {
            0, 0x300, 0x590, 0x900, 0x1100, 0x2000, 0x3000, 0xD7F0, 0xE000, 0xFE00, 0xFFE0, 0x1F1E0, 0x1F3F0, 0xE0000,
            0x10FFF0
        };
        for (int i = 0; i < (Boolean.getBoolean("long") ? 100_000 : 10_000); i++) {
            StringBuilder text = new StringBuilder();
            for (int n = random.nextInt(4); n >= 0; n--) {
                if (random.nextInt(5) == 0) {
                    text.append((char) (0xD800 + random.nextInt(0x800)));
                } else {
                    int base = from[random.nextInt(from.length)];
                    text.appendCodePoint(Math.min(0x10FFFF, base + random.nextInt(0x100)));
                }
            }
            assertThat(shape(text.toString(), SANS).advance()).isFinite();
        }
    }
}
