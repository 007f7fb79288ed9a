package saltdrum.core.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import saltdrum.core.Json;

class EasingTest {
    @Test
    void cssEaseInOutIsSymmetric() {
        assertThat(Easing.IN_OUT.at(0.5)).isCloseTo(0.5, within(1e-9));
        assertThat(Easing.IN_OUT.at(0.2) + Easing.IN_OUT.at(0.8)).isCloseTo(1, within(1e-9));
    }

    @Test
    void aDiagonalBezierIsLinear() {
        Easing diagonal = new Easing.Bezier(0.25, 0.25, 0.75, 0.75);
        for (double x = 0; x <= 1; x += 0.125) {
            assertThat(diagonal.at(x)).isCloseTo(x, within(1e-9));
        }
    }

    @Test
    void holdJumpsAtTheEnd() {
        assertThat(Easing.HOLD.at(0.999)).isZero();
        assertThat(Easing.HOLD.at(1)).isEqualTo(1);
    }

    @Test
    void easingsAreWrittenAsTheSceneSays() {
        assertThat(Json.write(new Keyframe(5, 1, Easing.OUT))).contains("\"easing\":[0.0,0.0,0.58,1.0]");
        assertThat(Json.write(new Keyframe(5, 1, Easing.HOLD))).contains("\"easing\":\"hold\"");
        assertThat(Easing.read(java.util.List.of(0, 0, 0.58, 1))).isEqualTo(Easing.OUT);
        assertThatThrownBy(() -> Easing.read("bounce")).hasMessageContaining("bounce");
    }
}
