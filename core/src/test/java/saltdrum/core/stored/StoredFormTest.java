package saltdrum.core.stored;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;

class StoredFormTest {
    record Tide(String name, int heightCm, boolean spring) {}

    private static final StoredForm<Tide> FORM = StoredForm.of(
            "tide",
            Tide.class,
            // Heights were metres.
            stored -> stored.put(
                    "heightCm", (int) Math.round(stored.remove("heightM").asDouble() * 100)),
            // Whether it is a spring tide was not kept.
            stored -> stored.put("spring", false));

    @Test
    void whatIsWrittenSaysItsFormAndIsReadAgain() {
        Tide tide = new Tide("Thursday", 412, true);
        assertThat(FORM.write(tide)).contains("\"form\":3");
        assertThat(FORM.read(FORM.write(tide))).isEqualTo(tide);
    }

    @Test
    void theFirstFormSaysNoNumberAndGoesThroughEveryStep() {
        assertThat(FORM.read("{\"name\":\"Thursday\",\"heightM\":4.12}")).isEqualTo(new Tide("Thursday", 412, false));
    }

    @Test
    void aLaterFormGoesThroughTheStepsAfterIt() {
        assertThat(FORM.read("{\"form\":2,\"name\":\"Friday\",\"heightCm\":390}"))
                .isEqualTo(new Tide("Friday", 390, false));
    }

    @Test
    void whatANewerVersionKeptIsNotGuessedAt() {
        assertThatThrownBy(() -> FORM.read("{\"form\":4,\"name\":\"Friday\"}"))
                .isInstanceOf(SaltDrumException.class)
                .hasMessageContaining("newer version")
                .hasMessageContaining("form 4");
    }

    @Test
    void aFieldThatNoFormHadIsStillRefused() {
        assertThatThrownBy(() -> FORM.read("{\"form\":3,\"name\":\"a\",\"heightCm\":1,\"spring\":true,\"moon\":1}"))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("moon");
    }

    @Test
    void aFormThatIsNoNumberIsRefused() {
        for (String form : new String[] {"0", "-3", "\"two\"", "null", "[]"}) {
            assertThatThrownBy(() -> FORM.read("{\"form\":" + form + ",\"name\":\"a\"}"))
                    .as(form)
                    .isInstanceOf(BadInputException.class);
        }
    }
}
