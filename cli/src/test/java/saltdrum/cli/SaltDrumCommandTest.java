package saltdrum.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** Only the command that is called is looked into; each of them can be. */
class SaltDrumCommandTest {
    private static String errorsOf(int code, String... arguments) {
        PrintStream before = System.err;
        ByteArrayOutputStream caught = new ByteArrayOutputStream();
        System.setErr(new PrintStream(caught, true, StandardCharsets.UTF_8));
        try {
            assertThat(SaltDrumCommand.run(arguments)).isEqualTo(code);
            return caught.toString(StandardCharsets.UTF_8);
        } finally {
            System.setErr(before);
        }
    }

    @Test
    void eachCommandRefusesAnOptionThatItDoesNotHave() {
        for (String command : SaltDrumCommand.COMMANDS.keySet()) {
            assertThat(errorsOf(2, command, "--no-such-option"))
                    .as(command)
                    .contains("salt-drum " + command)
                    .containsAnyOf("--no-such-option", "Missing required");
        }
    }

    @Test
    void anUnknownCommandIsToldWithOnesLikeIt() {
        assertThat(errorsOf(2, "style")).contains("style").contains("styles");
    }
}
