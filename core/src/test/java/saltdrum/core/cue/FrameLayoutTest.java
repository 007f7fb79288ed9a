package saltdrum.core.cue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import saltdrum.core.plane.Box;

class FrameLayoutTest {
    private static FrameLayout layout(String frame, int width, int height) {
        return Frame.parse(frame).layout(new Size(width, height));
    }

    @Test
    void theClipsOwnFrameIsTheClipWithoutAnOddRow() {
        assertThat(layout("own", 639, 361)).isEqualTo(new FrameLayout(new Size(638, 360), new Box(0, 0, 639, 361)));
    }

    @Test
    void aFilledFrameCropsTheMiddle() {
        // 1920x1080 to 9:16: the output is 1080x1920, the picture 3414 (up to even) by 1920.
        assertThat(layout("9:16", 1920, 1080))
                .isEqualTo(new FrameLayout(new Size(1080, 1920), new Box(-1168, 0, 3414, 1920)));
    }

    @Test
    void aFittedFrameHasBars() {
        assertThat(layout("9:16,fit", 1920, 1080))
                .isEqualTo(new FrameLayout(new Size(1080, 1920), new Box(0, 656, 1080, 606)));
    }

    @Test
    void aClipOfTheFramesShapeLiesInItWhole() {
        Box whole = new Box(0, 0, 1080, 1920);
        assertThat(layout("9:16", 1080, 1920).picture()).isEqualTo(whole);
        assertThat(layout("9:16,fit", 1080, 1920).picture()).isEqualTo(whole);
    }

    @Test
    void filledCoversAndFittedStaysInside() {
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            Size clip = new Size(16 + random.nextInt(4000), 16 + random.nextInt(4000));
            for (String aspect : new String[] {"9:16", "4:5", "1:1", "16:9"}) {
                FrameLayout fill = Frame.parse(aspect).layout(clip);
                Box out = new Box(0, 0, fill.output().width(), fill.output().height());
                assertThat(fill.picture().holds(out))
                        .as("%s fills %s", clip, aspect)
                        .isTrue();
                FrameLayout fit = Frame.parse(aspect + ",fit").layout(clip);
                assertThat(out.holds(fit.picture()))
                        .as("%s fits %s", clip, aspect)
                        .isTrue();
            }
        }
    }
}
