package saltdrum.cli;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import saltdrum.cli.bench.BenchCommand;
import saltdrum.core.SaltDrumException;
import saltdrum.media.natives.PrivateTemp;

/**
 * The command line. Of its commands only the one that is called is looked into: picocli reads a command's annotations by
 * reflection, which for all of them takes longer than most of them run.
 */
@Command(name = "salt-drum", description = "Times, styles and burns the words of short videos.")
public final class SaltDrumCommand {
    static final Map<String, Class<?>> COMMANDS = commands();

    private static Map<String, Class<?>> commands() {
        Map<String, Class<?>> commands = new LinkedHashMap<>();
        commands.put("words", WordsCommand.class);
        commands.put("convert", ConvertCommand.class);
        commands.put("simulated-recogniser", SimulatedRecogniserCommand.class);
        commands.put("translate", TranslateCommand.class);
        commands.put("burn", BurnCommand.class);
        commands.put("deliver", DeliverCommand.class);
        commands.put("scene", SceneCommand.class);
        commands.put("still", StillCommand.class);
        commands.put("check", CheckCommand.class);
        commands.put("draft", DraftCommand.class);
        commands.put("styles", StylesCommand.class);
        commands.put("bench", BenchCommand.class);
        return Collections.unmodifiableMap(commands);
    }

    public static void main(String[] args) {
        PrivateTemp.use();
        System.exit(run(args));
    }

    /** @return 0 done, 2 wrong use, 3 bad input with one line on standard error, 4 something was found */
    public static int run(String... args) {
        CommandLine line = new CommandLine(new SaltDrumCommand());
        if (args.length > 0 && COMMANDS.containsKey(args[0])) {
            line.addSubcommand(args[0], COMMANDS.get(args[0]));
        } else {
            COMMANDS.forEach(line::addSubcommand);
        }
        line.getSubcommands().values().forEach(command -> command.addMixin("help", new HelpOption()));
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

    /** Of every command: prints its usage to standard output and ends with 0, even if required parameters are missing. */
    private static final class HelpOption {
        @Option(names = "--help", usageHelp = true, description = "Shows this help.")
        private boolean help;
    }
}
