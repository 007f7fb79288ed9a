package saltdrum.cli.bench.burn;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.measure.Cpu;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Frame.Aspect;
import saltdrum.core.cue.Frame.Focus;
import saltdrum.core.cue.Frame.Sit;
import saltdrum.core.cue.Recipe;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.ShippedStyles;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameGraph;
import saltdrum.media.clip.Probe;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.media.paint.BarsPicture;

/** A landscape clip burned in tall frames, against ffmpeg making the same frame without captions; the least of two turns. */
public final class FrameBench {
    private static final int TURNS = 2;

    private FrameBench() {}

    private record Case(Frame frame, String budget) {}

    private static Map<String, Case> cases() {
        Map<String, Case> cases = new LinkedHashMap<>();
        cases.put("fill", new Case(frame(Sit.FILL, Bars.PLAIN), "<= 1.12"));
        cases.put(
                "fill that moves",
                new Case(frame(Sit.FILL, Bars.PLAIN, new Focus(1000, 0.2, 0.5), new Focus(9000, 0.8, 0.5)), "<= 1.12"));
        cases.put("fit", new Case(frame(Sit.FIT, Bars.PLAIN), "<= 1.12"));
        cases.put("fit, gradient", new Case(frame(Sit.FIT, bars(Bars.Kind.GRADIENT)), "<= 1.15"));
        cases.put("fit, blurred", new Case(frame(Sit.FIT, Bars.BLURRED), "<= 1.5"));
        return cases;
    }

    private static Bars bars(Bars.Kind kind) {
        return new Bars(kind, null, null, null, null, null, null);
    }

    private static Frame frame(Sit sit, Bars bars, Focus... focus) {
        return new Frame(Aspect.TALL, sit, "#0f2a2e", null, 0, List.of(focus), bars);
    }

    public static void run(BenchReport report) throws IOException {
        Path folder = Files.createTempDirectory("salt-drum-bench");
        Path clip = BenchClips.demo("last-ferry.mp4");
        ClipInfo info = Probe.of(clip);
        SceneMaker maker = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
        cases().forEach((name, one) -> measure(report, folder, clip, info, maker, name, one));
    }

    private static void measure(
            BenchReport report, Path folder, Path clip, ClipInfo info, SceneMaker maker, String name, Case one) {
        try {
            Frame frame = one.frame;
            Scene scene = maker.make(
                    BenchClips.track(41, Recipe.TWO_LINES, "Mallet").withFrame(frame),
                    new ShippedStyles().get("Mallet"),
                    info.size());
            Path bars =
                    Files.write(folder.resolve("bars.png"), BarsPicture.png(frame, frame.output(info.size()), null));
            double[] plain = new double[TURNS];
            double[] ours = new double[TURNS];
            // The first burn of all compiles what the others only run.
            burn(folder, clip, info, frame, bars, scene, "ultrafast");
            for (int turn = 0; turn < TURNS; turn++) {
                plain[turn] = plain(folder, clip, info, frame, bars);
                ours[turn] = burn(folder, clip, info, frame, bars, scene, BurnOrder.USUAL.preset());
            }
            double base = BenchReport.quantile(plain, 0);
            report.line(
                    "burn / same frame plain, " + name,
                    BenchReport.quantile(ours, 0) / base,
                    "CPU",
                    one.budget,
                    String.format(Locale.ROOT, "%.0f / %.0f ms", BenchReport.quantile(ours, 0), base));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static double burn(
            Path folder, Path clip, ClipInfo info, Frame frame, Path bars, Scene scene, String preset) {
        long before = Cpu.ownNs();
        Burn.Result result = new Burn(clip, info, frame, bars, scene, new BurnOrder(preset, BurnOrder.USUAL.crf()))
                .to(folder.resolve("burned.mp4"), done -> {}, () -> false);
        return result.toolCpuMs() + (Cpu.ownNs() - before) / 1e6;
    }

    private static double plain(Path folder, Path clip, ClipInfo info, Frame frame, Path bars) {
        FrameGraph framing = new FrameGraph(info, frame);
        List<String> how = new ArrayList<>(framing.wantsBarsPicture() ? FrameGraph.barsInput(bars) : List.of());
        String label = framing.wantsBarsPicture() ? "1:v" : null;
        how.addAll(List.of("-filter_complex", framing.graph("0:v:0", "picture", label, 0)));
        how.addAll(List.of("-map", "[picture]", "-map", "0:a?"));
        return PlainTranscode.cpuMs(clip, how, folder.resolve("plain.mp4"));
    }
}
