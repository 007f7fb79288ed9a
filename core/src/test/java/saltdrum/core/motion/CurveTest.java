package saltdrum.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.BadInputException;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;

class CurveTest {
    /** The keywords as CSS Easing Functions Level 1, §2.2, defines them by {@code cubic-bezier}. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ease        | cubic-bezier(0.25, 0.1, 0.25, 1)",
                "ease-in     | cubic-bezier(0.42, 0, 1, 1)",
                "ease-out    | cubic-bezier(0, 0, 0.58, 1)",
                "ease-in-out | cubic-bezier(0.42, 0, 0.58, 1)",
                "linear      | cubic-bezier(0.3, 0.3, 0.7, 0.7)",
            })
    void namesAreTheCurvesThatCssSays(String name, String bezier) {
        for (double x = 0; x <= 1; x += 0.05) {
            assertThat(Curve.parse(name).at(x)).isCloseTo(Curve.parse(bezier).at(x), within(1e-9));
        }
    }

    @Test
    void aSpringOvershootsAndComesToRest() {
        Curve spring = Curve.parse("spring(0.7)");
        double most = 0;
        for (double x = 0; x <= 1; x += 0.01) {
            most = Math.max(most, spring.at(x));
        }
        assertThat(most).isBetween(1.05, 1.8);
        assertThat(spring.at(0)).isZero();
        assertThat(spring.at(1)).isEqualTo(1);
        assertThat(spring.at(0.98)).isCloseTo(1, within(0.01));
    }

    @Test
    void aSpringWithoutBounceNeverOvershoots() {
        Curve spring = Curve.parse("spring(0)");
        for (double x = 0; x <= 1; x += 0.01) {
            assertThat(spring.at(x)).isBetween(0.0, 1.0);
        }
    }

    @Test
    void aSpringIsSampledInKeys() {
        NumberTrack track = Curve.parse("spring(0.5)").track(Property.Y, 1000, 1400, 50, 0);
        assertThat(track.keys()).hasSizeBetween(10, 40);
        for (int t = 1000; t <= 1400; t += 10) {
            double exact = 50 - 50 * Curve.parse("spring(0.5)").at((t - 1000) / 400.0);
            assertThat(track.valueAt(t)).isCloseTo(exact, within(1.0));
        }
        assertThat(track.valueAt(1400)).isZero();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "bouncy",
                "cubic-bezier(0.2, 0, 0)",
                "cubic-bezier(NaN, 0, 0, 1)",
                "cubic-bezier(2, 0, 0, 1)",
                "cubic-bezier(0, 1e9, 0, 1)",
                "spring(1)",
                "spring(-1)",
                "spring(x)",
            })
    void whatIsNoCurveIsRefused(String written) {
        assertThatThrownBy(() -> Curve.parse(written)).isInstanceOf(BadInputException.class);
    }

    @Test
    void aCurveOfTenThousandNumbersIsRefusedInASentence() {
        String long1 = "cubic-bezier(" + "0,".repeat(10_000) + "1)";
        assertThatThrownBy(() -> Curve.parse(long1))
                .satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(250));
    }
}
