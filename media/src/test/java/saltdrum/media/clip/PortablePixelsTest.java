package saltdrum.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Image;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** The head as netpbm's description of PPM has it: magic number, width, height, greatest value, one blank, then the pixels. */
class PortablePixelsTest {
    private static byte[] ppm(String head, int... pixels) {
        byte[] first = head.getBytes(StandardCharsets.US_ASCII);
        byte[] all = Arrays.copyOf(first, first.length + pixels.length);
        for (int i = 0; i < pixels.length; i++) {
            all[first.length + i] = (byte) pixels[i];
        }
        return all;
    }

    @Test
    void everyPixelHasItsColourAndCoversWhatIsBelow() {
        try (Image image = PortablePixels.image(ppm("P6\n2 1\n255\n", 10, 20, 30, 250, 128, 0));
                Bitmap bitmap = Bitmap.makeFromImage(image)) {
            assertThat(bitmap.getColor(0, 0)).isEqualTo(0xff0a141e);
            assertThat(bitmap.getColor(1, 0)).isEqualTo(0xfffa8000);
        }
    }

    @Test
    void whatIsCutOffOrOfAnotherKindIsNoPicture() {
        for (byte[] wrong : new byte[][] {
            ppm("P6\n2 1\n255\n", 10, 20, 30), ppm("P5\n1 1\n255\n", 1, 2, 3), ppm("P6\n1 1\n65535\n", 1, 2, 3)
        }) {
            assertThatThrownBy(() -> PortablePixels.image(wrong)).isInstanceOf(IllegalArgumentException.class);
        }
    }
}
