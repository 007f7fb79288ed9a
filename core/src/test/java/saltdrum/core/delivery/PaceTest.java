package saltdrum.core.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class PaceTest {
    @Test
    void aMachineWithoutAPastGoesAtTheUsualPace() {
        assertThat(Pace.of(List.of())).isEqualTo(Pace.USUAL);
        assertThat(Pace.of(List.of(3.0, 3.0))).as("two films prove nothing yet").isEqualTo(Pace.USUAL);
    }

    @Test
    void whatWasMadeDecides() {
        assertThat(Pace.of(List.of(1.2, 1.1, 1.3, 1.2, 9.0))).isEqualTo((1.1 + 1.2) / 2);
        assertThat(Pace.of(Collections.nCopies(20, 1.5))).isEqualTo(1.5);
    }

    @Test
    void nonsenseIsLeftOut() {
        assertThat(Pace.of(List.of(Double.NaN, -1.0, 0.0, Double.POSITIVE_INFINITY)))
                .isEqualTo(Pace.USUAL);
        assertThat(Pace.of(Collections.nCopies(20, 1000.0))).isEqualTo(4);
    }
}
