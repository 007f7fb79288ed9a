package saltdrum.cli.bench;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import saltdrum.cli.bench.burn.BurnBench;
import saltdrum.cli.bench.burn.DeliverBench;
import saltdrum.cli.bench.burn.DraftBench;
import saltdrum.cli.bench.burn.FrameBench;
import saltdrum.cli.bench.burn.PaintBench;
import saltdrum.cli.bench.burn.SceneBench;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.server.CheckBench;
import saltdrum.cli.bench.server.EditBench;
import saltdrum.cli.bench.server.MemoryBench;
import saltdrum.cli.bench.server.SiegeBench;
import saltdrum.cli.bench.server.SoakBench;
import saltdrum.cli.bench.server.WorkersBench;
import saltdrum.cli.bench.server.WorkshopBench;
import saltdrum.cli.bench.words.AlignBench;
import saltdrum.cli.bench.words.HearingBench;
import saltdrum.cli.bench.words.SpeakersBench;
import saltdrum.cli.bench.words.SpeechBench;
import saltdrum.cli.bench.words.WordsBench;
import saltdrum.core.BadInputException;

@Command(
        description =
                "Measures against the budgets: scene, edit, paint, align, burn, all by default; draft (first drafts of the demo), frames (burns "
                        + "in other frames), checks (of a minute), deliver (what a second render costs, and estimates), speech (the whole corpus), words (time and memory of getting them), memory (a long burn), workshop (a full shelf and a full room), workers (one and two), siege (a server under fire) and soak (hours of work, and memory) by name.")
public final class BenchCommand implements Callable<Integer> {
    private static final List<String> ALL = List.of("scene", "edit", "paint", "align", "burn");

    @Parameters(index = "0", arity = "0..1", paramLabel = "WHAT")
    String what;

    @Parameters(
            index = "1",
            arity = "0..1",
            paramLabel = "MINUTES",
            description = "Of siege: 10 by default; of soak: 120.")
    Double minutes;

    @Option(
            names = "--style",
            paramLabel = "NAME",
            description = "Of burn and paint: only these styles. Can be repeated.")
    List<String> styles = List.of();

    @Spec
    CommandSpec spec;

    private interface Bench {
        void run(BenchReport report) throws IOException;
    }

    private Map<String, Bench> benches() {
        Map<String, Bench> benches = new LinkedHashMap<>();
        benches.put("scene", SceneBench::run);
        benches.put("edit", EditBench::run);
        benches.put("paint", report -> PaintBench.run(report, styles));
        benches.put("align", AlignBench::run);
        benches.put("burn", report -> BurnBench.run(report, styles));
        benches.put("draft", DraftBench::run);
        benches.put("frames", FrameBench::run);
        benches.put("checks", CheckBench::run);
        benches.put("deliver", DeliverBench::run);
        benches.put("speech", report -> {
            HearingBench.run(report);
            SpeechBench.run(report);
        });
        benches.put("hearing", HearingBench::run);
        benches.put("speakers", SpeakersBench::run);
        benches.put("script", SpeechBench::run);
        benches.put("words", WordsBench::run);
        benches.put("memory", MemoryBench::run);
        benches.put("workshop", WorkshopBench::run);
        benches.put("workers", WorkersBench::run);
        benches.put("siege", report -> SiegeBench.run(spec.commandLine().getOut(), minutes(10)));
        benches.put("soak", report -> SoakBench.run(report, minutes(120)));
        return benches;
    }

    private double minutes(double usual) {
        return minutes == null ? usual : minutes;
    }

    @Override
    public Integer call() throws IOException {
        BenchReport report = new BenchReport(spec.commandLine().getOut());
        Map<String, Bench> benches = benches();
        for (String name : what == null ? ALL : List.of(what)) {
            if (!benches.containsKey(name)) {
                throw new BadInputException("There is no benchmark “" + name + "”. There are: "
                        + String.join(", ", benches.keySet()) + ".");
            }
            benches.get(name).run(report);
        }
        return 0;
    }
}
