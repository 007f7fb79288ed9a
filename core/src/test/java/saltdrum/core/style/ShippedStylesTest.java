package saltdrum.core.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;

/** One is found by its name without the others being read. */
class ShippedStylesTest {
    @Test
    void eachIsFoundByItsNameInWhateverCase() {
        List<Style> all = new ShippedStyles().all();
        assertThat(all).hasSizeGreaterThan(10);
        for (Style style : all) {
            assertThat(new ShippedStyles().get(style.name())).isEqualTo(style);
            assertThat(new ShippedStyles().get(style.name().toUpperCase())).isEqualTo(style);
        }
    }

    @Test
    void whatThereIsNoneOfIsToldWithTheOthersNames() {
        assertThatThrownBy(() -> new ShippedStyles().get("Foghorn"))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("Foghorn")
                .hasMessageContaining("Harbour wire");
    }

    @Test
    void theListSaysWhatTheFilesSay() {
        assertThat(ShippedStyles.listed())
                .extracting(ShippedStyles.Listed::name, ShippedStyles.Listed::about)
                .containsExactlyElementsOf(new ShippedStyles()
                        .all().stream()
                                .map(style -> org.assertj.core.groups.Tuple.tuple(style.name(), style.about()))
                                .toList());
    }
}
