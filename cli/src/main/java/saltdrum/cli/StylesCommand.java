package saltdrum.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleCheck;

@Command(description = "Lists the styles that ship; checks a style file.", subcommands = StylesCommand.Check.class)
final class StylesCommand implements Callable<Integer> {
    @Spec
    CommandSpec spec;

    @Override
    public Integer call() {
        for (ShippedStyles.Listed style : ShippedStyles.listed()) {
            spec.commandLine().getOut().printf(Locale.ROOT, "%-10s %s%n", style.name(), style.about());
        }
        return 0;
    }

    @Command(
            name = "check",
            description = "Checks whether a style file can be read, and which fonts and pictures it lacks.")
    static final class Check implements Callable<Integer> {
        @Spec
        CommandSpec spec;

        @Parameters(paramLabel = "FILE", description = "The style file.")
        Path file;

        @Override
        public Integer call() throws IOException {
            PrintWriter out = spec.commandLine().getOut();
            CaptionFonts fonts = new CaptionFonts();
            Style style = fonts.style(file);
            out.println("“" + style.name() + "” is a style: "
                    + style.look().facets().size() + " things settled, "
                    + style.emphasis().size() + " emphasis " + (style.emphasis().size() == 1 ? "role" : "roles") + ".");
            List<String> missing = StyleCheck.missing(style, fonts.shelf()::has);
            if (!missing.isEmpty()) {
                out.println("Not here: " + String.join(", ", missing) + ".");
            }
            return missing.isEmpty() ? 0 : 1;
        }
    }
}
