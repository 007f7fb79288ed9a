package saltdrum.core.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;

class StyleFileTest {
    @Test
    void theShippedStylesAreCompleteAndSurviveWritingAndReading() {
        assertThat(new ShippedStyles().all()).extracting(Style::name).containsExactly("Mallet", "Lantern", "Tidemark");
        for (Style style : new ShippedStyles().all()) {
            assertThat(style.emphasis()).isNotEmpty();
            assertThat(style.spoken()).isNotEmpty();
            assertThat(StyleFile.read(StyleFile.write(style))).isEqualTo(style);
        }
    }

    @Test
    void aWrongValueIsNamed() {
        String mallet = StyleFile.write(new ShippedStyles().get("Mallet"));
        assertThatThrownBy(() -> StyleFile.read(mallet.replace("\"size\" : 132.0", "\"size\" : 9000")))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("size");
        assertThatThrownBy(() -> StyleFile.read(mallet.replace("#fbf7ee", "cream")))
                .hasMessageContaining("cream");
        assertThatThrownBy(() -> StyleFile.read("{ \"name\": ")).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new ShippedStyles().get("Foghorn")).hasMessageContaining("Lantern");
    }
}
