package saltdrum.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import saltdrum.core.format.CaptionFormats;
import saltdrum.media.output.OutputKind;

/** Only the command that is called is looked into; each of them can be. */
class SaltDrumCommandTest {
    private static String errorsOf(int code, String... arguments) {
        return written(System.err, System::setErr, code, arguments);
    }

    private static String written(PrintStream before, Consumer<PrintStream> set, int code, String... arguments) {
        ByteArrayOutputStream caught = new ByteArrayOutputStream();
        set.accept(new PrintStream(caught, true, StandardCharsets.UTF_8));
        try {
            assertThat(SaltDrumCommand.run(arguments)).isEqualTo(code);
            return caught.toString(StandardCharsets.UTF_8);
        } finally {
            set.accept(before);
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

    /** It was an error, and the usage was on standard error only. */
    @Test
    void eachCommandHasHelp() {
        for (String command : SaltDrumCommand.COMMANDS.keySet()) {
            assertThat(written(System.out, System::setOut, 0, command, "--help"))
                    .as(command)
                    .contains("Usage: salt-drum " + command);
        }
    }

    @Test
    void theHelpOfDeliverListsAllOutputs() {
        String help = written(System.out, System::setOut, 0, "deliver", "--help");
        assertThat(OutputKind.NAMED).allSatisfy(kind -> assertThat(help).contains(kind.written()));
        assertThat(CaptionFormats.ALL)
                .allSatisfy(format -> assertThat(help).contains(format.endings().get(0)));
    }

    @Test
    void anUnknownCommandIsToldWithOnesLikeIt() {
        assertThat(errorsOf(2, "style")).contains("style").contains("styles");
    }
}
