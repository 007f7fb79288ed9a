package saltdrum.media.font;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.look.Axis;
import saltdrum.core.look.Face;

class FontCheckTest {
    private static final String TRUE_TYPE = "VT323_400Regular.ttf";
    private static final String VARIABLE = "Fraunces_latin-full-normal.woff2";
    private static final int MUTATED = 500;

    private static byte[] shipped(String file) throws IOException {
        try (InputStream in = FontShelf.class.getResourceAsStream("/saltdrum/media/fonts/" + file)) {
            return in.readAllBytes();
        }
    }

    @Test
    void aSoundFontSaysWhatItIs() throws IOException {
        FontFacts facts = FontCheck.facts(shipped(TRUE_TYPE));
        assertThat(facts.family()).isEqualTo("VT323");
        assertThat(facts.weight()).isEqualTo(400);
        assertThat(facts.axes()).isEmpty();
        assertThat(facts.licence()).contains("Copyright").contains("Open Font License");
        assertThat(facts.closed()).isFalse();
    }

    /** The axes are those that the font's own project documents: 100 to 900, 0 to 100, 0 to 1, 9 to 144. */
    @Test
    void aVariableFontSaysItsAxes() throws IOException {
        FontFacts facts = FontCheck.facts(shipped(VARIABLE));
        assertThat(facts.family()).isEqualTo("Fraunces");
        assertThat(facts.axes())
                .extracting(FontAxis::tag, FontAxis::least, FontAxis::most)
                .containsExactlyInAnyOrder(
                        org.assertj.core.groups.Tuple.tuple("opsz", 9.0, 144.0),
                        org.assertj.core.groups.Tuple.tuple("wght", 100.0, 900.0),
                        org.assertj.core.groups.Tuple.tuple("SOFT", 0.0, 100.0),
                        org.assertj.core.groups.Tuple.tuple("WONK", 0.0, 1.0));
    }

    @Test
    void whatIsNoFontIsRefusedInASentence() throws IOException {
        byte[] cut = Arrays.copyOf(shipped(TRUE_TYPE), 4000);
        byte[] packed = shipped(VARIABLE);
        byte[] bomb = packed.clone();
        ByteBuffer.wrap(bomb).putInt(16, Integer.MAX_VALUE);
        assertRefused(new byte[0], "It is not a font.");
        assertRefused("<svg onload='alert(1)'/>".getBytes(), "It is not a TTF, OTF or WOFF2 file.");
        assertRefused(cut, "It is incomplete");
        assertRefused(bomb, "Unpacked it would be larger than 40 MB.");
        assertRefused(new byte[FontHead.MOST_BYTES + 1], "It is larger than 10 MB.");
        assertRefused("ttcf--------".getBytes(), "It is a collection of fonts.");
        assertRefused(Arrays.copyOf(packed, packed.length - 1), "It is incomplete, or has extra bytes after its end.");
    }

    private static void assertRefused(byte[] file, String why) {
        assertThatThrownBy(() -> FontCheck.facts(file))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("This font was not added. " + why);
    }

    /** Each gets an answer, and what was taken can be shaped and drawn here. */
    @Test
    void mutatedFontsAreTakenOrRefusedAndNeverEndTheProgram() throws IOException {
        Random random = new Random(20261126);
        List<byte[]> files = new ArrayList<>();
        for (int i = 0; i < MUTATED; i++) {
            files.add(mutated(shipped(i % 3 == 0 ? VARIABLE : TRUE_TYPE), random));
        }
        List<FontCheck.Verdict> verdicts = FontCheck.of(files);
        FontShelf shelf = new FontShelf();
        SkijaTypesetter typesetter = new SkijaTypesetter(shelf);
        int taken = 0;
        for (int i = 0; i < MUTATED; i++) {
            FontCheck.Verdict verdict = verdicts.get(i);
            assertThat(verdict.facts() == null).isEqualTo(verdict.refused() != null);
            if (verdict.facts() == null) {
                assertThat(verdict.refused())
                        .startsWith("This font was not added. ")
                        .endsWith(".");
            } else {
                taken++;
                byte[] file = files.get(i);
                shelf.add("f" + i, verdict.facts(), () -> file);
                ShapedWord shaped = typesetter.shape(
                        "Salt, drum & tide 09", new Face(verdict.facts().family(), 400), "en");
                shaped.glyphs().forEach(glyph -> typesetter.outline(glyph.key()));
            }
        }
        // Changes in bytes that no letter needs leave fonts that work; others break them.
        assertThat(taken).isBetween(20, MUTATED - 20);
    }

    /** A few bytes changed, a piece cut out, doubled or set to one value. */
    private static byte[] mutated(byte[] font, Random random) {
        byte[] file = font.clone();
        switch (random.nextInt(4)) {
            case 0 -> {
                for (int n = 1 + random.nextInt(12); n > 0; n--) {
                    file[random.nextInt(file.length)] = (byte) random.nextInt(256);
                }
            }
            case 1 -> {
                // The offsets of the table list and the table headers.
                for (int n = 1 + random.nextInt(4); n > 0; n--) {
                    file[12 + random.nextInt(400)] = (byte) random.nextInt(256);
                }
            }
            case 2 -> {
                int from = random.nextInt(file.length);
                int to = Math.min(file.length, from + random.nextInt(2000));
                Arrays.fill(file, from, to, (byte) (random.nextBoolean() ? 0 : 0xff));
            }
            default -> file = Arrays.copyOf(file, random.nextInt(file.length));
        }
        return file;
    }

    @Test
    void axesChangeTheLettersAndTheirNames() {
        SkijaTypesetter typesetter = new SkijaTypesetter(FontShelf.shipped());
        Face sharp = new Face("Fraunces", 700, false, 1, List.of(new Axis("SOFT", 0)));
        Face soft = new Face("Fraunces", 700, false, 1, List.of(new Axis("SOFT", 100)));
        String one = typesetter.shape("R", sharp, "en").glyphs().get(0).key();
        String other = typesetter.shape("R", soft, "en").glyphs().get(0).key();
        assertThat(other).contains("@").contains("SOFT=100").isNotEqualTo(one);
        assertThat(typesetter.outline(other)).isNotEqualTo(typesetter.outline(one));
    }

    @Test
    void everyWeightBetweenTheEndsIsHad() {
        SkijaTypesetter typesetter = new SkijaTypesetter(FontShelf.shipped());
        double thin = typesetter.shape("Salt", new Face("Fraunces", 200), "en").advance();
        double between =
                typesetter.shape("Salt", new Face("Fraunces", 450), "en").advance();
        double heavy = typesetter.shape("Salt", new Face("Fraunces", 900), "en").advance();
        assertThat(between).isGreaterThan(thin).isLessThan(heavy);
    }

    @Test
    void fontsOfTheMachineAreOffered() {
        assertThat(FontShelf.shipped().families())
                .filteredOn(family -> family.origin() == FontShelf.Origin.MACHINE)
                .extracting(FontShelf.Family::name)
                .contains("Noto Sans CJK JP");
    }

    @Test
    void aFontThatWasBroughtInServesAtOnceAndStaysWhenItIsPutAway() throws IOException {
        byte[] file = shipped(TRUE_TYPE);
        FontFacts facts = FontCheck.facts(file);
        FontFacts renamed = new FontFacts("Harbour Pixel", 400, false, facts.glyphs(), facts.axes(), "", false);
        FontShelf shelf = new FontShelf();
        SkijaTypesetter typesetter = new SkijaTypesetter(shelf);
        Face wanted = new Face("Harbour Pixel", 400);
        double before = typesetter.shape("Salt", wanted, "en").advance();
        shelf.add("one", renamed, () -> file);
        double after = typesetter.shape("Salt", wanted, "en").advance();
        assertThat(after).isNotEqualTo(before);
        shelf.offer("one", false);
        assertThat(shelf.families()).noneMatch(family -> family.name().equals("Harbour Pixel"));
        assertThat(typesetter.shape("Salt", wanted, "en").advance()).isEqualTo(after);
    }

    /** Which of the two served depended on whether the machine's fonts had been listed before. */
    @Test
    void aFontThatWasBroughtInStandsForOneOfTheMachineThatIsAlike() throws IOException {
        byte[] file = shipped(TRUE_TYPE);
        FontFacts bold = new FontFacts("Noto Sans CJK JP", 700, false, 9, List.of(), "", false);
        Face wanted = new Face("Noto Sans CJK JP", 700);
        FontShelf early = new FontShelf();
        early.add("one", bold, () -> file);
        early.families();
        FontShelf late = new FontShelf();
        late.families();
        late.add("one", bold, () -> file);
        double own = new SkijaTypesetter(new FontShelf())
                .shape("Salt", new Face("VT323", 400), "en")
                .advance();
        assertThat(new SkijaTypesetter(early).shape("Salt", wanted, "en").advance())
                .isEqualTo(own);
        assertThat(new SkijaTypesetter(late).shape("Salt", wanted, "en").advance())
                .isEqualTo(own);
    }

    /** The shell refused several limits in one call, and the process ran without any. */
    @Test
    void theProofRunsWithLimits() throws Exception {
        List<String> command = new ArrayList<>(FontCheck.limited(2));
        command.addAll(List.of("sh", "-c", "ulimit -v; ulimit -c; ulimit -t"));
        Process shell = new ProcessBuilder(command).redirectErrorStream(true).start();
        assertThat(new String(shell.getInputStream().readAllBytes())).isEqualTo("4000000\n0\n40\n");
        assertThat(shell.waitFor()).isZero();
    }
}
