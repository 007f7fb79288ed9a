package saltdrum.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Pose;

/** WCAG 2.2, 2.3.1 “Three Flashes or Below Threshold”, and its definition of a general flash. */
class FlashesTest {
    private static double[] square(int flashes, double dark, double bright) {
        double[] luminance = new double[60];
        for (int i = 0; i < luminance.length; i++) {
            luminance[i] = (i * flashes * 2 / 60) % 2 == 0 ? dark : bright;
        }
        return luminance;
    }

    @Test
    void pairsOfOpposingChangesAreCounted() {
        assertThat(Flashes.most(square(1, 0, 1), 60)).isZero();
        assertThat(Flashes.most(square(3, 0, 1), 60)).isEqualTo(2);
        assertThat(Flashes.most(square(5, 0, 1), 60)).isEqualTo(4);
    }

    @Test
    void changesBelowATenthOrBetweenBrightImagesAreNone() {
        assertThat(Flashes.most(square(8, 0.5, 0.59), 60)).isZero();
        assertThat(Flashes.most(square(8, 0.82, 1), 60)).isZero();
        assertThat(Flashes.most(square(8, 0.5, 0.61), 60)).isGreaterThan(3);
    }

    @Test
    void aGlowThatWouldFlashIsRefused() {
        assertThatThrownBy(() -> new Accent.Glow("#ffffff", 0.2, 4, 800)).hasMessageContaining("WCAG 2.3.1");
        assertThatThrownBy(() -> new Accent.Glow("#ffffff", 0.2, 8, 2000)).hasMessageContaining("WCAG 2.3.1");
        new Accent.Glow("#ffffff", 0.2, 3, 800);
        new Accent.Glow("#ffffff", 0.2, 6, 2000);
    }

    /** A white glow on black, drawn at 60 frames a second: what is allowed does not flash more than it may. */
    @Test
    void whatIsAllowedStaysBelowTheThreshold() {
        for (int pulses = 1; pulses <= 8; pulses++) {
            for (int ms = 100; ms <= 6000; ms += 100) {
                try {
                    assertThat(flashes(new Accent.Glow("#ffffff", 0.2, pulses, ms)))
                            .as("%s in %s ms", pulses, ms)
                            .isLessThanOrEqualTo(Flashes.MOST_A_SECOND);
                } catch (saltdrum.core.BadInputException refused) {
                    assertThat(pulses).isGreaterThan(1);
                }
            }
        }
    }

    private static int flashes(Accent.Glow glow) {
        Mark light = new Mark.Plate(
                0,
                0,
                9,
                9,
                0,
                Pose.about(0, 0),
                List.of(new PaintLayer.Fill(new Paint.Solid("#ffffff"))),
                glow.tracks(new Beat(0, 500, 9000, 100, null, false)));
        double[] luminance = new double[480];
        for (int i = 0; i < luminance.length; i++) {
            luminance[i] = MarkState.of(light, i * 1000.0 / 60).opacity();
        }
        return Flashes.most(luminance, 60);
    }
}
