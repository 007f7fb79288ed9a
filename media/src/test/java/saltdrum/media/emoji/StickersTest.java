package saltdrum.media.emoji;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Random;
import java.util.function.IntBinaryOperator;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.BadInputException;
import saltdrum.core.scene.PictureLayer;
import saltdrum.core.scene.Pixels;
import saltdrum.core.text.EmojiRule;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

class StickersTest {
    private static final String BUOY =
            """
            <?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" xmlns:ink="http://ink.example/" width="24px" height="48">
            <title>Buoy</title><metadata><ink:note a="1"/></metadata><ink:view><ink:grid/></ink:view>
            <g style="stroke: navy; stroke-width: 2; stroke-linejoin: round"><polygon points="12,0 24,24 0,24" fill="rgb(255, 107, 74)"/></g>
            <rect x="4" y="24" width="16" height="24" rx="3" fill="Teal" fill-opacity=".5"/><path d="M0 0h1" display="none"/></svg>
            """;

    private static List<PictureLayer> layers(String svg) {
        return Stickers.read(svg.getBytes(StandardCharsets.UTF_8)).layers();
    }

    @Test
    void shapesFillsAndStrokesBecomeLayersInTheMiddleOfASquare() {
        List<PictureLayer> layers = layers(BUOY);
        assertThat(layers).extracting(PictureLayer::fill).containsExactly("#ff6b4a", "#000080", "#00808080");
        // 24 by 48 in a square of 48: a quarter of its width is free at each side.
        assertThat(layers.get(0).path()).startsWith("M500 0L750 500L250 500");
    }

    @Test
    void theSameDrawingIsTheSameStickerWhateverIsNotedInIt() {
        Stickers.Sticker one = Stickers.read(BUOY.getBytes(StandardCharsets.UTF_8));
        Stickers.Sticker other =
                Stickers.read(BUOY.replace("Buoy", "Another name").getBytes(StandardCharsets.UTF_16));
        assertThat(one.name()).isEqualTo(other.name()).matches(EmojiRule::sticker);
        Stickers shelf = new Stickers();
        SkijaTypesetter typesetter = new SkijaTypesetter(FontShelf.shipped(), shelf);
        assertThat(typesetter.drawing(one.name())).as("not here yet").isNull();
        shelf.add(one);
        assertThat(typesetter.drawing(one.name())).isEqualTo(one.name());
        assertThat(typesetter.picture(one.name())).isEqualTo(one.layers());
        // Out as a file, and in again.
        assertThat(Stickers.read(shelf.file(one.name()).bytes())).isEqualTo(one);
        assertThat(Stickers.named(List.of(shelf.file(one.name()).bytes(), new byte[3]), List.of(one.name())))
                .containsExactly(one);
        assertThat(Stickers.named(List.of(shelf.file(one.name()).bytes()), List.of("sticker:000000000000")))
                .isEmpty();
    }

    private static byte[] png(int width, int height, int type, IntBinaryOperator argb) {
        BufferedImage image = new BufferedImage(width, height, type);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, argb.applyAsInt(x, y));
            }
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file.toByteArray();
    }

    @Test
    void pixelsAreKeptAtHalvingSizesInTheMiddleOfAClearSquare() throws IOException {
        byte[] wide = png(200, 100, BufferedImage.TYPE_INT_ARGB, (x, y) -> x < 100 ? 0xffc04020 : 0x802040c0);
        Stickers.Sticker one = Stickers.read(wide);
        List<Pixels> sizes = one.layers().get(0).pixels();
        assertThat(sizes).extracting(Pixels::side).containsExactly(200, 100, 50);
        for (Pixels size : sizes) {
            BufferedImage image =
                    ImageIO.read(new ByteArrayInputStream(Base64.getDecoder().decode(size.png())));
            int side = size.side();
            assertThat(image.getRGB(side / 4, side / 2)).isEqualTo(0xffc04020);
            assertThat(image.getRGB(3 * side / 4, side / 2) >>> 24).isEqualTo(0x80);
            assertThat(image.getRGB(side / 2, side / 8) >>> 24).isZero();
        }
        Stickers shelf = new Stickers();
        shelf.add(one);
        assertThat(shelf.file(one.name()).name()).endsWith(".png");
        assertThat(Stickers.read(shelf.file(one.name()).bytes()))
                .as("out and in again")
                .isEqualTo(one);
        assertThat(Stickers.read(png(200, 100, BufferedImage.TYPE_INT_ARGB, (x, y) -> 0xffc04020))
                        .name())
                .isNotEqualTo(one.name());
    }

    @Test
    void largePicturesAreMadeSmallAndOtherKindsOfPixelsAreRead() {
        byte[] large = png(3000, 2999, BufferedImage.TYPE_BYTE_GRAY, (x, y) -> 0xff808080);
        assertThat(Stickers.read(large).layers().get(0).pixels())
                .extracting(Pixels::side)
                .containsExactly(512, 256, 128, 64, 32);
        byte[] tiny = png(3, 1, BufferedImage.TYPE_BYTE_BINARY, (x, y) -> -1);
        assertThat(Stickers.read(tiny).layers().get(0).pixels())
                .extracting(Pixels::side)
                .containsExactly(3);
    }

    /** Larger than anything that is drawn, by its head alone; clear; cut off; another kind of picture. */
    @Test
    void picturesThatAreNoStickersAreRefusedInASentence() {
        byte[] small = png(40, 40, BufferedImage.TYPE_INT_ARGB, (x, y) -> x * y % 255 << 24 | 0xc04020);
        byte[] huge = small.clone();
        ByteBuffer.wrap(huge).putInt(16, 20_000).putInt(20, 20_000);
        CRC32 head = new CRC32();
        head.update(huge, 12, 17);
        ByteBuffer.wrap(huge).putInt(29, (int) head.getValue());
        assertThatThrownBy(() -> Stickers.read(huge))
                .hasMessage("This picture is 20,000 by 20,000 pixels; a sticker's sides are at most 4,096.");
        assertThatThrownBy(() -> Stickers.read(png(9, 9, BufferedImage.TYPE_INT_ARGB, (x, y) -> 0xffffff)))
                .hasMessage("This picture is empty: all of it is transparent.");
        assertThatThrownBy(() -> Stickers.read(Arrays.copyOf(small, 60)))
                .hasMessage("This picture is broken or incomplete.");
        byte[] jpeg = {(byte) 0xff, (byte) 0xd8, (byte) 0xff, (byte) 0xe0, 0, 16, 'J', 'F', 'I', 'F', 0};
        assertThatThrownBy(() -> Stickers.read(jpeg))
                .hasMessage("A sticker must be an SVG drawing or a PNG picture; this file is neither.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<svg viewBox='0 0 9 9'><script>alert(1)</script></svg>",
                "<svg viewBox='0 0 9 9' onload='alert(1)'><path d='M0 0h9v9z'/></svg>",
                "<svg viewBox='0 0 9 9'><g onclick='x()'><path d='M0 0h9v9z'/></g></svg>",
                "<svg viewBox='0 0 9 9'><a href='http://tide.example/'><path d='M0 0h9v9z'/></a></svg>",
                "<svg viewBox='0 0 9 9' xmlns:x='http://www.w3.org/1999/xlink'><use "
                        + "x:href='http://tide.example/a.svg#b'/></svg>",
                "<svg viewBox='0 0 9 9'><image href='http://tide.example/a.png' width='9' height='9'/></svg>",
                "<svg viewBox='0 0 9 9'><foreignObject><p>Hello</p></foreignObject></svg>",
                "<svg viewBox='0 0 9 9'><style>path{fill:red}</style><path class='a' d='M0 0h9v9z'/></svg>",
                "<svg viewBox='0 0 9 9'><path class='a' d='M0 0h9v9z'/></svg>",
                "<svg viewBox='0 0 9 9'><path fill='url(#blend)' d='M0 0h9v9z'/></svg>",
                "<svg viewBox='0 0 9 9'><path filter='url(#soft)' d='M0 0h9v9z'/></svg>",
                "<svg viewBox='0 0 9 9'><text>Tide</text></svg>",
                "<svg viewBox='0 0 9 9'><circle r='NaN'/></svg>",
                "<svg viewBox='0 0 9 9'><rect width='Infinity' height='9'/></svg>",
                "<svg viewBox='0 0 9 9'><path transform='scale(1e30)' d='M0 0h1e30v1e30z'/></svg>",
                "<svg viewBox='0 0 9 9'><path d='M0 0 boat'/></svg>",
                "<svg viewBox='0 0 9 9'><rect width='9 9'/></svg>",
                "<svg viewBox='0 0 9 9'/>",
                "<svg><path d='M0 0h9v9z'/></svg>",
                "<svg viewBox='0 0 NaN 9'><path d='M0 0h9v9z'/></svg>",
                "<html><body/></html>",
                "<!DOCTYPE svg [<!ENTITY a SYSTEM 'file:///etc/passwd'>]><svg viewBox='0 0 9 9'>&a;</svg>",
                "",
            })
    void whatIsMoreThanShapesInFlatColoursIsRefusedInASentence(String svg) {
        assertThatThrownBy(() -> layers(svg))
                .isInstanceOf(BadInputException.class)
                .message()
                .hasSizeBetween(20, 250);
    }

    @Test
    void whatIsHugeOrDeepIsRefusedAtOnce() {
        String path = "<path d='M0 0h9v9z'/>";
        for (String inside : List.of(
                path.repeat(5000),
                "<g>".repeat(2000) + path + "</g>".repeat(2000),
                "<path d='M0 0" + "h1v1".repeat(400_000) + "z'/>")) {
            assertThatThrownBy(() -> layers("<svg viewBox='0 0 9 9'>" + inside + "</svg>"))
                    .isInstanceOf(BadInputException.class);
        }
    }

    /** One byte, or a piece, of the file is something else: a picture or a sentence, nothing else. */
    @Test
    void brokenFilesArePicturesOrRefused() {
        broken(BUOY.getBytes(StandardCharsets.UTF_8));
        broken(png(40, 30, BufferedImage.TYPE_INT_ARGB, (x, y) -> x * y % 255 << 24 | 0xc04020));
    }

    private static void broken(byte[] whole) {
        Random random = new Random(20261127);
        for (int i = 0; i < 600; i++) {
            byte[] broken = whole.clone();
            for (int n = random.nextInt(4); n >= 0; n--) {
                broken[random.nextInt(broken.length)] = (byte) random.nextInt(256);
            }
            try {
                assertThat(Stickers.read(broken).layers()).isNotEmpty();
            } catch (BadInputException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }
}
