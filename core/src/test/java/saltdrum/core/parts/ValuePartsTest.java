package saltdrum.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.look.Backing;
import saltdrum.core.look.TextOutline;
import saltdrum.core.look.TextShadow;
import saltdrum.core.motion.Accent;
import saltdrum.core.motion.Spoken;
import saltdrum.core.motion.Transition;

class ValuePartsTest {
    /** Plates of the voice had no kind, because the list of kinds is declared two interfaces above them. */
    @ParameterizedTest
    @ValueSource(classes = {TextShadow.class, Spoken.class, Accent.class})
    void everyKindHasItsNameAndItsBlankIsReadAgain(Class<?> type) {
        assertThat(ValueParts.kinds(type))
                .hasSizeGreaterThan(1)
                .extracting(ValueParts::kind)
                .doesNotHaveDuplicates()
                .doesNotContain("");
        ValueParts.kinds(type).forEach(kind -> {
            assertThat(kind.blank().path("kind").asString()).isEqualTo(kind.kind());
            assertThat(Json.read(kind.blank(), type, "blank")).isNotNull();
        });
    }

    @ParameterizedTest
    @ValueSource(classes = {TextOutline.class, Backing.class, Transition.class})
    void oneKindAloneHasNoName(Class<?> type) {
        assertThat(ValueParts.kinds(type)).hasSize(1);
        assertThat(ValueParts.kinds(type).get(0).kind()).isEmpty();
    }

    @Test
    void numbersAreHeldToWhatIsSaidOfThem() {
        ValueParts.check(TextOutline.class, 0.5);
        assertThatThrownBy(() -> ValueParts.check(TextOutline.class, 0.51))
                .isInstanceOf(BadInputException.class)
                .hasMessage("“Outline width” is a number from 0 to 0.5, not 0.51.");
        assertThatThrownBy(() -> ValueParts.check(TextOutline.class, Double.NaN))
                .isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> ValueParts.check(TextOutline.class, 0.1, 0.2))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void everyPartIsCalledSomething() {
        ValueParts.kinds(Backing.class).get(0).parts().forEach(part -> {
            assertThat(part.label()).isNotEqualTo(part.name());
            assertThat(part.control()).isNotNull();
        });
    }
}
