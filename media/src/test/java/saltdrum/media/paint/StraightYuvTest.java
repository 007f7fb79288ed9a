package saltdrum.media.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.InputStream;
import java.io.OutputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StraightYuvTest {
    private static final int WIDTH = 32;
    private static final int HEIGHT = 32;

    /** Against ffmpeg's swscale, with its exact rounding switched on, on blocks of one colour. */
    @ParameterizedTest
    @CsvSource({"bt709,tv", "bt601,tv", "bt2020,tv", "bt709,pc"})
    void opaqueColoursAreThoseOfFfmpeg(String matrix, String range) throws Exception {
        int[] pixels = blocks(1);
        byte[] theirs = swscale(pixels, matrix, range);
        byte[] ours = convert(pixels, colours(matrix, range.equals("pc")));
        assertThat(ours).hasSameSizeAs(theirs);
        for (int i = 0; i < ours.length; i++) {
            assertThat(ours[i] & 255).as("byte %d", i).isCloseTo(theirs[i] & 255, within(1));
        }
    }

    @Test
    void aHalfClearPixelKeepsItsColourAndItsAlpha() {
        int halfRed = 128 << 24 | 128 << 16;
        byte[] half = convert(filled(halfRed), VideoColours.bt709(false));
        byte[] whole = convert(filled(0xffff0000), VideoColours.bt709(false));
        int colourBytes = WIDTH * HEIGHT * 3 / 2;
        assertThat(Arrays.copyOf(half, colourBytes)).isEqualTo(Arrays.copyOf(whole, colourBytes));
        assertThat(half[colourBytes] & 255).isEqualTo(128);
    }

    @Test
    void clearPixelsOfABlockDoNotDarkenItsColour() {
        int[] pixels = filled(0);
        pixels[0] = 0xff00ff00;
        byte[] edge = convert(pixels, VideoColours.bt709(false));
        byte[] whole = convert(filled(0xff00ff00), VideoColours.bt709(false));
        int u = WIDTH * HEIGHT;
        assertThat(edge[u]).isEqualTo(whole[u]);
        assertThat(edge[u + WIDTH * HEIGHT / 4]).isEqualTo(whole[u + WIDTH * HEIGHT / 4]);
        assertThat(edge[WIDTH * HEIGHT * 3 / 2 + 1]).isZero();
    }

    private static VideoColours colours(String matrix, boolean full) {
        return switch (matrix) {
            case "bt601" -> VideoColours.bt601(full);
            case "bt2020" -> VideoColours.bt2020(full);
            default -> VideoColours.bt709(full);
        };
    }

    private static int[] filled(int pixel) {
        int[] pixels = new int[WIDTH * HEIGHT];
        Arrays.fill(pixels, pixel);
        return pixels;
    }

    /** Blocks of 4 by 4 pixels, each of one opaque colour. */
    private static int[] blocks(long seed) {
        Random random = new Random(seed);
        int[] colours = random.ints(64).map(c -> c | 0xff000000).toArray();
        int[] pixels = new int[WIDTH * HEIGHT];
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = colours[i / WIDTH / 4 * 8 + i % WIDTH / 4];
        }
        return pixels;
    }

    private static byte[] convert(int[] pixels, VideoColours colours) {
        StraightYuv yuv = new StraightYuv(WIDTH, HEIGHT, colours);
        for (int y = 0; y < HEIGHT; y += 2) {
            yuv.rows(
                    Arrays.copyOfRange(pixels, y * WIDTH, (y + 1) * WIDTH),
                    Arrays.copyOfRange(pixels, (y + 1) * WIDTH, (y + 2) * WIDTH),
                    y,
                    0,
                    WIDTH);
        }
        return yuv.planes();
    }

    private static byte[] swscale(int[] pixels, String matrix, String range) throws Exception {
        byte[] bytes = new byte[pixels.length * 4];
        for (int i = 0; i < pixels.length; i++) {
            for (int c = 0; c < 4; c++) {
                bytes[4 * i + c] = (byte) (pixels[i] >> 8 * c);
            }
        }
        Process process = new ProcessBuilder(List.of(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-f",
                        "rawvideo",
                        "-pix_fmt",
                        "bgra",
                        "-s",
                        WIDTH + "x" + HEIGHT,
                        "-i",
                        "pipe:0",
                        "-vf",
                        "scale=out_color_matrix=" + matrix + ":out_range=" + range
                                + ":flags=accurate_rnd+full_chroma_inp+area",
                        "-pix_fmt",
                        "yuva420p",
                        "-f",
                        "rawvideo",
                        "pipe:1"))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (OutputStream in = process.getOutputStream()) {
            in.write(bytes);
        }
        try (InputStream out = process.getInputStream()) {
            return out.readAllBytes();
        }
    }
}
