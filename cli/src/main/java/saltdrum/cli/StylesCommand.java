package saltdrum.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.trial.StyleTrial;
import saltdrum.core.check.trial.StyleTrial.Fault;
import saltdrum.core.check.trial.TrialWords;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleCheck;
import saltdrum.media.font.SkijaTypesetter;

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
            description =
                    "Checks whether a style file can be read, which fonts it lacks, and whether it keeps the checks: with"
                            + " every recipe, in every frame, over hard pictures. Ends with 1 if fonts are missing, 4 if it does"
                            + " not keep them.")
    static final class Check implements Callable<Integer> {
        private static final int MOST_PLACES = 4;

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
            int faults = tried(style, fonts, out);
            return !missing.isEmpty() ? 1 : faults > 0 ? CheckCommand.FOUND : 0;
        }

        /** How it does with every recipe, in every frame and over hard pictures, on words that it was not made for. */
        private static int tried(Style style, CaptionFonts fonts, PrintWriter out) {
            StyleTrial trial = new StyleTrial(new SceneMaker(new SkijaTypesetter(fonts.shelf(), fonts.stickers())));
            List<Fault> faults = trial
                    .of(style, TrialWords.sample(style.emphasis().size()))
                    .faults()
                    .stream()
                    .filter(fault -> fault.finding().kind().ofLook())
                    .toList();
            Map<CheckKind, List<Fault>> kinds = faults.stream()
                    .collect(Collectors.groupingBy(fault -> fault.finding().kind(), TreeMap::new, Collectors.toList()));
            kinds.forEach((kind, some) -> {
                out.println(kind.label + ": " + some.size() + " times. "
                        + some.get(0).finding().said());
                out.println("  where: " + where(some));
            });
            out.println(
                    faults.isEmpty()
                            ? "It keeps the checks with every recipe, in every frame, over white, black, grey and busy"
                                    + " pictures."
                            : faults.size() + " findings on a made-up text.");
            return faults.size();
        }

        private static String where(List<Fault> faults) {
            return faults.stream()
                    .map(fault -> fault.recipe().name() + ", " + fault.frame().label + ", " + fault.picture())
                    .distinct()
                    .limit(MOST_PLACES)
                    .collect(Collectors.joining("; "));
        }
    }
}
