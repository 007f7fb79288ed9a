package saltdrum.cli.bench;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.core.BadInputException;

@Command(
        name = "bench",
        description =
                "Measures against the budgets: burn, scene, edit, align, paint, all by default; speech (the whole corpus), words (time and memory of getting them) and memory (a long burn) by name.")
public final class BenchCommand implements Callable<Integer> {
    private static final List<String> ALL = List.of("scene", "edit", "paint", "align", "burn");

    @Parameters(index = "0", arity = "0..1", paramLabel = "WHAT")
    String what;

    @Option(
            names = "--style",
            paramLabel = "NAME",
            description = "Of burn and paint: only these styles. Can be said more than once.")
    List<String> styles = List.of();

    @Spec
    CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        Report report = new Report(spec.commandLine().getOut());
        for (String name : what == null ? ALL : List.of(what)) {
            switch (name) {
                case "scene" -> SceneBench.run(report);
                case "edit" -> EditBench.run(report);
                case "paint" -> PaintBench.run(report, styles);
                case "align" -> AlignBench.run(report);
                case "burn" -> BurnBench.run(report, styles);
                case "speech" -> {
                    HearingBench.run(report);
                    SpeechBench.run(report);
                }
                case "hearing" -> HearingBench.run(report);
                case "script" -> SpeechBench.run(report);
                case "words" -> WordsBench.run(report);
                case "memory" -> MemoryBench.run(report);
                default ->
                    throw new BadInputException("There is no benchmark “" + name + "”. There are: "
                            + String.join(", ", ALL) + ", speech, hearing, script, words, memory.");
            }
        }
        return 0;
    }
}
