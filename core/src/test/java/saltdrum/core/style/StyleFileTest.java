package saltdrum.core.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;

class StyleFileTest {
    @Test
    void theShippedStylesAreCompleteAndSurviveWritingAndReading() {
        assertThat(new ShippedStyles().all())
                .hasSize(12)
                .extracting(Style::name)
                .doesNotHaveDuplicates();
        for (Style style : new ShippedStyles().all()) {
            assertThat(style.emphasis()).isNotEmpty();
            assertThat(style.about()).isNotBlank();
            assertThat(style.onlyMotion()).isFalse();
            assertThat(StyleFile.read(StyleFile.write(style))).isEqualTo(style);
        }
    }

    @Test
    void aWrongValueIsNamed() {
        String mallet = StyleFile.write(new ShippedStyles().get("Mallet"));
        assertThatThrownBy(() -> StyleFile.read(mallet.replaceFirst("\"size\" : [\\d.]+", "\"size\" : 9000")))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("size");
        assertThatThrownBy(() -> StyleFile.read(mallet.replace("#fbf7ee", "cream")))
                .hasMessageContaining("cream");
        assertThatThrownBy(() -> StyleFile.read("{ \"name\": ")).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new ShippedStyles().get("Foghorn")).hasMessageContaining("Lantern");
    }

    @ParameterizedTest
    @ValueSource(strings = {"mallet", "lantern", "tidemark"})
    void aStyleOfAFormBeforeIsTheSameStyle(String name) {
        Style now = read("form4/", name);
        for (String form : new String[] {"form2/", "form3/"}) {
            assertThat(read(form, name)).as(form).isEqualTo(now);
        }
    }

    private static Style read(String form, String name) {
        return StyleFile.read(Json.resource(StyleFileTest.class, form + name + ".json"));
    }

    @Test
    void theShippedMotionsSayOnlyHowCaptionsMove() {
        assertThat(new ShippedStyles().motions())
                .hasSizeGreaterThanOrEqualTo(10)
                .allMatch(Style::onlyMotion);
        for (Style motion : new ShippedStyles().motions()) {
            assertThat(StyleFile.read(StyleFile.write(motion))).isEqualTo(motion);
        }
    }
}
