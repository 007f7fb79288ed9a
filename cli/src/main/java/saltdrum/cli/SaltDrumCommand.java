package saltdrum.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;
import saltdrum.cli.bench.BenchCommand;
import saltdrum.core.SaltDrumException;

@Command(
        name = "salt-drum",
        description = "Times, styles and burns the words of short videos.",
        subcommands = {
            WordsCommand.class,
            ConvertCommand.class,
            SimulatedRecogniserCommand.class,
            TranslateCommand.class,
            BurnCommand.class,
            DeliverCommand.class,
            SceneCommand.class,
            StillCommand.class,
            StylesCommand.class,
            BenchCommand.class
        })
public final class SaltDrumCommand {
    public static void main(String[] args) {
        System.exit(run(args));
    }

    /** @return 0 done, 2 wrong use, 3 bad input with one line on standard error */
    public static int run(String... args) {
        CommandLine line = new CommandLine(new SaltDrumCommand());
        line.setExecutionExceptionHandler((e, commandLine, parsed) -> {
            if (e instanceof SaltDrumException
                    || e instanceof java.io.UncheckedIOException
                    || e instanceof java.io.IOException) {
                commandLine.getErr().println("salt-drum: " + said(e));
                return 3;
            }
            throw e;
        });
        return line.execute(args);
    }

    private static String said(Exception e) {
        if (e instanceof SaltDrumException) {
            return e.getMessage();
        }
        Throwable cause = e instanceof java.io.UncheckedIOException ? e.getCause() : e;
        if (cause instanceof java.nio.file.NoSuchFileException missing) {
            return "There is no file or folder “" + missing.getFile() + "”.";
        }
        if (cause instanceof java.nio.file.AccessDeniedException denied) {
            return "No permission for “" + denied.getFile() + "”.";
        }
        return "The file could not be read or written: " + cause.getMessage();
    }
}
