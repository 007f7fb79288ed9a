package saltdrum.cli;

import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;

@Command(name = "styles", description = "Lists the styles that ship.")
final class StylesCommand implements Callable<Integer> {
    @Spec
    CommandSpec spec;

    @Override
    public Integer call() {
        for (Style style : new ShippedStyles().all()) {
            spec.commandLine().getOut().printf("%-10s %s%n", style.name(), style.about());
        }
        return 0;
    }
}
