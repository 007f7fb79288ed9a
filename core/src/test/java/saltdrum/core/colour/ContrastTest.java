package saltdrum.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContrastTest {
    /**
     * 21 and 1 by WCAG 2.2's definition of the contrast ratio; the greys are those that its understanding documents use
     * on white (from memory: #767676 just meets 4.5, #777777 just misses it, #949494 just meets 3); red is worked by hand.
     */
    @ParameterizedTest
    @CsvSource({
        "#000000, #ffffff, 21",
        "#ffffff, #ffffff, 1",
        "#767676, #ffffff, 4.54",
        "#777777, #ffffff, 4.48",
        "#949494, #ffffff, 3.03",
        "#ff0000, #ffffff, 4.00",
        "#ffffff, #ff0000, 4.00",
    })
    void theRatioIsTheStandards(String one, String other, double ratio) {
        assertThat(Contrast.ratio(one, other)).isEqualTo(ratio, within(0.005));
    }
}
