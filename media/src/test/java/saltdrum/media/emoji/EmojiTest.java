package saltdrum.media.emoji;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.BadInputException;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.look.Face;
import saltdrum.core.scene.PictureLayer;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

class EmojiTest {
    private final SkijaTypesetter typesetter = new SkijaTypesetter(FontShelf.shipped());

    private ShapedWord shape(String text) {
        return typesetter.shape(text, new Face("Anton", 400), "en");
    }

    /** Four of the set have clips or strokes and cannot be drawn exactly. */
    @Test
    void almostEveryDrawingOfTheSetCanBeDrawn() {
        int all = 0;
        int drawn = 0;
        for (String name : Emoji.shipped().names()) {
            all++;
            drawn += Emoji.shipped().layers(name).isEmpty() ? 0 : 1;
        }
        assertThat(all).isEqualTo(3720);
        assertThat(drawn).isGreaterThanOrEqualTo(3700);
    }

    /** A wave, a sailor of several parts, a flag of two letters, a hand with its skin, a keycap, a heart by its sign. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "\uD83C\uDF0A",
                "\uD83D\uDC69\u200D\uD83D\uDE80",
                "\uD83C\uDDEE\uD83C\uDDF8",
                "\uD83D\uDC4B\uD83C\uDFFD",
                "7\uFE0F\u20E3",
                "\u2764\uFE0F",
            })
    void oneCharacterForAReaderIsOnePicture(String emoji) {
        ShapedWord shaped = shape("tide" + emoji);
        assertThat(shaped.pictures()).hasSize(1);
        assertThat(shaped.glyphs()).hasSize(4);
        assertThat(shaped.missing()).isEmpty();
        assertThat(typesetter.picture(shaped.pictures().get(0).key())).isNotEmpty();
        assertThat(shaped.pictures().get(0).x())
                .isGreaterThan(shaped.glyphs().get(3).x());
    }

    @ParameterizedTest
    @CsvSource({"7", "#", "\u00A9", "\u2764\uFE0E"})
    void whatIsTextByDefaultStaysText(String text) {
        assertThat(EmojiText.pieces(text)).allMatch(piece -> piece.emoji() == null);
    }

    @Test
    void aSequenceThatNoDrawingHasFallsIntoItsParts() {
        ShapedWord shaped = shape("\uD83C\uDF0A\u200D\u2693");
        assertThat(shaped.pictures()).hasSize(2);
    }

    @Test
    void anEmojiThatNoSetHasIsTold() {
        assertThat(shape("tide\uD83E\uDEE9").missing()).isNotEmpty();
    }

    @Test
    void spacingMovesPicturesAsItMovesLetters() {
        ShapedWord plain = shape("a\uD83C\uDF0Ab");
        ShapedWord wide = plain.spaced(100);
        assertThat(wide.pictures().get(0).x()).isEqualTo(plain.pictures().get(0).x() + 100);
        assertThat(wide.glyphs().get(1).x()).isEqualTo(plain.glyphs().get(1).x() + 200);
        assertThat(wide.advance()).isEqualTo(plain.advance() + 200);
    }

    @Test
    void layersAreInThousandthsOfTheWidth() {
        List<PictureLayer> layers = SvgLayers.of("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 36 36'>"
                + "<g transform='translate(18 0)' opacity='.5'><rect width='18' height='36' fill='#f00'/></g></svg>");
        assertThat(layers).hasSize(1);
        assertThat(layers.get(0).fill()).isEqualTo("#ff000080");
        assertThat(layers.get(0).path()).startsWith("M500 0L").contains("L1000 1000L");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<svg viewBox='0 0 9 9'><script>alert(1)</script></svg>",
                "<svg viewBox='0 0 9 9'><image href='http://tide.example/a.png'/></svg>",
                "<svg viewBox='0 0 9 9'><path d='M0 0' style='fill:url(#a)'/></svg>",
                "<!DOCTYPE svg [<!ENTITY a SYSTEM 'file:///etc/passwd'>]><svg viewBox='0 0 9 9'>&a;</svg>",
                "<svg viewBox='0 0 0 0'/>",
                "<svg",
            })
    void whatIsNoSimpleDrawingIsRefused(String svg) {
        assertThatThrownBy(() -> SvgLayers.of(svg)).isInstanceOf(BadInputException.class);
    }
}
