package saltdrum.core.scene;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/** What the book's scenes are drawn with. */
final class BookShapes {
    private BookShapes() {}

    /** Three letters of the book's own, 1/1000 em: straight, round with a hole, and with a tail. */
    static final Map<String, String> GLYPHS = Map.of(
            "A", "M20 0L260 -700L360 -700L600 0L490 0L425 -190L190 -190L128 0ZM222 -282L394 -282L308 -548Z",
            "o",
                    "M280 12C130 12 40 -90 40 -260C40 -430 130 -532 280 -532C430 -532 520 -430 520 -260"
                            + "C520 -90 430 12 280 12ZM280 -82C365 -82 405 -150 405 -260C405 -370 365 -438 280 -438"
                            + "C195 -438 155 -370 155 -260C155 -150 195 -82 280 -82Z",
            "y", "M60 200Q150 210 190 130L230 20L20 -520L140 -520L285 -120L420 -520L530 -520L310 90Q250 290 60 280Z");

    static final Map<String, List<PictureLayer>> PICTURES = Map.of(
            "boat",
            List.of(
                    new PictureLayer("M100 620L900 620L780 840L240 840Z", "#b5452b", false),
                    new PictureLayer("M480 120L480 580L180 580Z", "#f6f1e4", false),
                    new PictureLayer("M520 200C700 260 800 420 820 580L520 580Z", "#2f7c86cc", false),
                    new PictureLayer(
                            "M300 660L700 660L700 800L300 800ZM360 690L640 690L640 770L360 770Z", "#10222c", true)),
            "buoy",
            List.of(PictureLayer.of(
                    Stream.of(256, 128, 64).map(BookShapes::buoy).toList())));

    /** Rings in many colours, half of them half clear, with an edge that is not. */
    private static Pixels buoy(int side) {
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                double ring = Math.hypot(x + 0.5 - side / 2.0, y + 0.5 - side / 2.0) / side;
                int alpha = ring > 0.48 ? 0xff : (int) (ring * 16) % 2 == 0 ? 0xe0 : 0x60;
                image.setRGB(x, y, alpha << 24 | 255 * x / side << 16 | 255 * y / side << 8 | (int) (ring * 300));
            }
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", png);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Pixels(side, Base64.getEncoder().encodeToString(png.toByteArray()));
    }
}
