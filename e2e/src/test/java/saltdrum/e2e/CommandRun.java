package saltdrum.e2e;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;
import saltdrum.cli.SaltDrumCommand;

/** A command that was carried out here, with what it wrote. */
record CommandRun(int code, String out, String errors) {
    static CommandRun of(Object... arguments) {
        PrintStream out = System.out;
        PrintStream err = System.err;
        ByteArrayOutputStream told = new ByteArrayOutputStream();
        ByteArrayOutputStream errors = new ByteArrayOutputStream();
        System.setOut(new PrintStream(told, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(errors, true, StandardCharsets.UTF_8));
        try {
            int code = SaltDrumCommand.run(
                    Stream.of(arguments).map(Object::toString).toArray(String[]::new));
            return new CommandRun(code, told.toString(StandardCharsets.UTF_8), errors.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(out);
            System.setErr(err);
        }
    }
}
