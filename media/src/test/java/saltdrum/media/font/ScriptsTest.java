package saltdrum.media.font;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.look.Face;

/** Every script is shown by a shipped typeface or one of the machine; characters without any are reported. */
class ScriptsTest {
    private static final Face ANTON = new Face("Anton", 400);
    private final SkijaTypesetter typesetter = new SkijaTypesetter(FontShelf.shipped());

    @ParameterizedTest
    @CsvSource({
        "ja, 潮が満ちる",
        "ko, 밀물이",
        "zh, 渡口",
        "th, น้ำขึ้น",
        "he, גאות",
        "hi, ज्वार",
        "ar, المد",
        "vi, Thuỷ triều",
        "el, παλίρροια",
        "ru, прилив",
        "ka, მოქცევა",
        "hy, մակընթացություն",
        "ta, அலை",
        "am, ማዕበል"
    })
    void everyScriptGetsLetters(String language, String text) {
        for (String word : text.split(" ")) {
            ShapedWord shaped = typesetter.shape(word, ANTON, language);
            assertThat(shaped.missing()).isEmpty();
            assertThat(shaped.glyphs()).isNotEmpty();
            // Glyph 0 is the box for characters that a font lacks.
            assertThat(shaped.glyphs()).noneMatch(glyph -> glyph.key().endsWith(".0"));
            assertThat(shaped.glyphs().stream()
                            .map(glyph -> typesetter.outline(glyph.key()))
                            .collect(Collectors.joining()))
                    .isNotEmpty();
            assertThat(shaped.ink().width()).isPositive();
        }
    }

    @Test
    void whatNobodyHasIsToldAndNotDrawn() {
        // A private character: no font of a script has it.
        ShapedWord shaped = typesetter.shape("tide\ue123", ANTON, "en");
        assertThat(shaped.missing()).isEqualTo("\ue123");
        assertThat(shaped.glyphs()).hasSize(4);
        ShapedWord alone = typesetter.shape("\ue123", ANTON, "en");
        assertThat(alone.glyphs()).isEmpty();
        assertThat(alone.advance()).isZero();
    }

    @Test
    void aThaiMarkStaysOnItsLetter() {
        // Five letters with three marks above them: five of them move on.
        ShapedWord shaped = typesetter.shape("น้ำขึ้น", ANTON, "th");
        assertThat(shaped.glyphs().stream().filter(glyph -> glyph.advance() > 0))
                .hasSizeLessThan(6);
    }

    @ParameterizedTest
    @CsvSource({"Poppins, 700, true", "Poppins, 700, false", "Anton, 400, true"})
    void anItalicLeans(String family, int weight, boolean italic) {
        String upright = outline(new Face(family, weight, false, 1));
        String asked = outline(new Face(family, weight, italic, 1));
        assertThat(asked.equals(upright)).isEqualTo(!italic);
    }

    @Test
    void aNarrowerFaceIsNarrower() {
        ShapedWord full = typesetter.shape("tide", ANTON, "en");
        ShapedWord narrow = typesetter.shape("tide", new Face("Anton", 400, false, 0.8), "en");
        assertThat(narrow.advance() / full.advance()).isBetween(0.78, 0.82);
        assertThat(narrow.ink().height()).isEqualTo(full.ink().height());
    }

    private String outline(Face face) {
        return typesetter.outline(
                typesetter.shape("l", face, "en").glyphs().get(0).key());
    }

    @Test
    void anotherFaceStandsInForOneThatIsNotHere() {
        assertThat(FontShelf.shipped().has("Unheard Sans")).isFalse();
        assertThat(outline(new Face("Unheard Sans", 700))).isEqualTo(outline(new Face(FontShelf.STAND_IN, 700)));
    }

    @Test
    void everyFamilyThatShipsHasItsLicence() {
        assertThat(FontShelf.shipped().families().stream()
                        .filter(f -> f.origin() == FontShelf.Origin.SHIPPED)
                        .toList())
                .hasSizeGreaterThanOrEqualTo(24);
        for (FontShelf.Family family : FontShelf.shipped().families()) {
            if (family.origin() != FontShelf.Origin.SHIPPED) {
                continue;
            }
            String file = family.name().toLowerCase().replace(' ', '-') + ".txt";
            assertThat(FontShelf.class.getResource("/saltdrum/media/fonts/licences/" + file))
                    .as(file)
                    .isNotNull();
        }
    }
}
