package saltdrum.core.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame.Aspect;
import saltdrum.core.cue.Frame.Focus;
import saltdrum.core.cue.Frame.Sit;
import saltdrum.core.plane.Box;

class FrameLayoutTest {
    private static FrameLayout layout(String frame, int width, int height) {
        return Frame.parse(frame).layout(new Size(width, height));
    }

    private static void lies(FrameLayout layout, Size output, Box picture) {
        assertThat(layout.output()).isEqualTo(output);
        assertThat(layout.picture()).isEqualTo(picture);
        assertThat(layout.moves()).isEmpty();
    }

    private static FrameLayout filled(Focus... focus) {
        return new Frame(Aspect.TALL, Sit.FILL, "#0f2a2e", null, 0, List.of(focus), Bars.PLAIN)
                .layout(new Size(1920, 1080));
    }

    @Test
    void aPointOfInterestStaysInSight() {
        // A third of 3414 is 1138: the frame's middle, 540, is on it.
        assertThat(filled(new Focus(0, 1 / 3.0, 0.5)).picture()).isEqualTo(new Box(-598, 0, 3414, 1920));
        assertThat(filled(new Focus(700, 0, 0)).picture().x())
                .as("no further than its edge")
                .isZero();
        assertThat(filled(new Focus(0, 1, 1)).picture().x()).isEqualTo(1080 - 3414);
        assertThat(filled(new Focus(0, 1, 1)).moves())
                .as("one point moves nothing")
                .isEmpty();
    }

    @Test
    void itMovesFromPointToPointAndRestsOutsideThem() {
        FrameLayout layout = filled(new Focus(3000, 1, 0.5), new Focus(1000, 0, 0.5));
        assertThat(layout.picture().x()).isZero();
        assertThat(layout.at(0).x()).isZero();
        assertThat(layout.at(1000).x()).isZero();
        assertThat(layout.at(2000).x()).as("half the way at half the time").isEqualTo(-1166);
        // 3u² − 2u³ at a quarter is 0.15625 of 2334 pixels.
        assertThat(layout.at(1500).x()).isEqualTo(-364);
        assertThat(layout.at(3000).x()).isEqualTo(1080 - 3414);
        assertThat(layout.at(90_000).x()).isEqualTo(1080 - 3414);
    }

    @Test
    void barsThatAHandHasSetLeaveTheRestToTheClip() {
        Bars bars = new Bars(Bars.Kind.COLOUR, null, null, null, null, 0.5, 0.1);
        FrameLayout layout =
                new Frame(Aspect.TALL, Sit.FIT, "#0f2a2e", null, 0, null, bars).layout(new Size(1920, 1080));
        // 960 to 1728 is free: the clip, 606 high, is in its middle.
        assertThat(layout.picture()).isEqualTo(new Box(0, 1040, 1080, 606));
        assertThat(layout.places().above().bottom()).isEqualTo(1040 / 1920.0);
        assertThatThrownBy(() -> new Bars(Bars.Kind.COLOUR, null, null, null, null, 0.5, 0.5))
                .hasMessageContaining("no room for the clip");
    }

    @Test
    void aTurnedClipIsFramedAsItStandsThen() {
        FrameLayout layout = layout("9:16,turn=90", 1920, 1080);
        lies(layout, new Size(1080, 1920), new Box(0, 0, 1080, 1920));
        assertThat(layout.turned()).isEqualTo(new Size(1080, 1920));
        assertThat(Frame.parse("own,turn=270").output(new Size(640, 360))).isEqualTo(new Size(360, 640));
        assertThat(Frame.parse("own,turn=180").output(new Size(640, 360))).isEqualTo(new Size(640, 360));
    }

    @Test
    void aTypedSizeIsTheOutputs() {
        assertThat(layout("720x900,fit", 1920, 1080).output()).isEqualTo(new Size(720, 900));
        for (String wrong : List.of("33x900", "721x900", "6000x900", "9:17", "9:16,tilt")) {
            assertThatThrownBy(() -> Frame.parse(wrong)).isInstanceOf(BadInputException.class);
        }
    }

    @Test
    void aBlurredBackdropIsAsWideToHighAsTheOutput() {
        Backdrop backdrop = layout("9:16,blur", 1920, 1080).backdrop();
        assertThat(backdrop.part()).isEqualTo(new Box(656, 0, 608, 1080));
        // 0.04 of 1080 is 43.2 pixels; small enough that three remain of them.
        assertThat(backdrop.small()).isEqualTo(new Size(76, 134));
        assertThat(backdrop.sigma()).isCloseTo(43.2 * 76 / 1080, within(1e-9));
        assertThat(layout("9:16,fit", 1920, 1080).backdrop()).isNull();
    }

    @Test
    void theClipsOwnFrameIsTheClipWithoutAnOddRow() {
        lies(layout("own", 639, 361), new Size(638, 360), new Box(0, 0, 639, 361));
    }

    @Test
    void aFilledFrameCropsTheMiddle() {
        // 1920x1080 to 9:16: the output is 1080x1920, the picture 3414 (up to even) by 1920.
        lies(layout("9:16", 1920, 1080), new Size(1080, 1920), new Box(-1168, 0, 3414, 1920));
    }

    @Test
    void aFittedFrameHasBars() {
        lies(layout("9:16,fit", 1920, 1080), new Size(1080, 1920), new Box(0, 656, 1080, 606));
        assertThat(layout("9:16,fit", 1920, 1080).bars())
                .containsExactly(new Box(0, 0, 1080, 656), new Box(0, 1262, 1080, 658));
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

    @Test
    void anotherSizeIsTheSameFrame() {
        Size clip = new Size(1920, 1080);
        Frame tall = Frame.parse("9:16,fit");
        FrameLayout half = tall.sized(clip, 540).layout(clip);
        FrameLayout whole = tall.layout(clip);
        assertThat(half.output()).isEqualTo(new Size(540, 960));
        assertThat(half.picture().y() / 960).isCloseTo(whole.picture().y() / 1920, within(0.003));
        assertThat(tall.sized(clip, 1080)).isEqualTo(tall);
        assertThat(Frame.OWN.sized(clip, 2160).output(clip)).isEqualTo(new Size(3840, 2160));
        assertThatThrownBy(() -> tall.sized(clip, 4000)).isInstanceOf(BadInputException.class);
    }
}
