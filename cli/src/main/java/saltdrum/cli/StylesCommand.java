package saltdrum.cli;

import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleFile;

@Command(name = "styles", description = "Lists the styles that ship.")
final class StylesCommand implements Callable<Integer> {
    @Spec
    CommandSpec spec;

    @Override
    public Integer call() {
        for (Style style : StyleFile.builtIn()) {
            spec.commandLine().getOut().printf("%-10s %s%n", style.name(), style.about());
        }
        return 0;
    }
}
