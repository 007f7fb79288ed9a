package saltdrum.cli.bench.burn;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.measure.Cpu;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

/** A 20 s 1080x1920 clip: plain transcode, ffmpeg's own ass filter, and our burn, in turns in one run; the least of each. */
public final class BurnBench {
    private static final int TURNS = 2;

    private BurnBench() {}

    /** @param only names of styles; empty for all */
    public static void run(BenchReport report, List<String> only) throws IOException {
        Path folder = Files.createTempDirectory("salt-drum-bench");
        Path clip = BenchClips.clip(folder, 20);
        SceneMaker maker = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
        long cold = Cpu.ownNs();
        warmUp(folder, maker);
        double warming = (Cpu.ownNs() - cold) / 1e6;
        for (Style style : BenchStyles.all(only)) {
            style(report, folder, clip, maker, style);
        }
        report.line("JVM start", jvmStart(), "ms", "-", "CPU of a run that lists the styles");
        report.line("JVM warm-up", warming, "ms", "-", "CPU of ours in three burns of 3 s, compiling included");
    }

    /** The least of two turns that take turns: plain, with ffmpeg's filter, ours. */
    private static void style(BenchReport report, Path folder, Path clip, SceneMaker maker, Style style)
            throws IOException {
        ClipInfo info = Probe.of(clip);
        Track track = BenchClips.track(47, Recipe.TWO_LINES, style.name());
        Scene scene = maker.make(track, style, info.size());
        Path ass = folder.resolve("captions.ass");
        Files.writeString(ass, ass(track));
        double[] plain = new double[TURNS];
        double[] filter = new double[TURNS];
        double[] ours = new double[TURNS];
        double[] painting = new double[TURNS];
        Burn.Result result = null;
        for (int turn = 0; turn < TURNS; turn++) {
            plain[turn] = transcode(clip, folder, null);
            filter[turn] = transcode(clip, folder, ass);
            long before = Cpu.ownNs();
            result = new Burn(clip, info, Frame.OWN, scene, BurnOrder.USUAL)
                    .to(folder.resolve("burned.mp4"), done -> {}, () -> false);
            painting[turn] = (Cpu.ownNs() - before) / 1e6;
            ours[turn] = result.toolCpuMs() + painting[turn];
        }
        double base = BenchReport.quantile(plain, 0);
        report.line(
                "burn / plain transcode, " + style.name(),
                BenchReport.quantile(ours, 0) / base,
                "CPU",
                "<= 1.12",
                String.format(
                        Locale.ROOT,
                        "%.0f / %.0f ms; our painting %.0f ms, %d of %d frames painted",
                        BenchReport.quantile(ours, 0),
                        base,
                        BenchReport.quantile(painting, 0),
                        result.painted(),
                        result.frames()));
        report.line(
                "burn / ass filter, " + style.name(),
                BenchReport.quantile(ours, 0) / BenchReport.quantile(filter, 0),
                "CPU",
                "<= 1.00",
                String.format(Locale.ROOT, "ass filter %.0f ms", BenchReport.quantile(filter, 0)));
    }

    /** A burn of 3 s, so that what the JVM compiles once is not counted again in every figure: see the line of JVM start. */
    private static void warmUp(Path folder, SceneMaker maker) throws IOException {
        Path clip = BenchClips.clip(folder, 3);
        Track track = BenchClips.track(10, Recipe.TWO_LINES, "Mallet");
        for (Style style : BenchStyles.all()) {
            Scene scene = maker.make(track, style, Probe.of(clip).size());
            new Burn(clip, Probe.of(clip), Frame.OWN, scene, new BurnOrder("ultrafast", 20))
                    .to(folder.resolve("burned.mp4"), done -> {}, () -> false);
        }
    }

    private static double transcode(Path clip, Path folder, Path ass) {
        return PlainTranscode.cpuMs(
                clip, ass == null ? List.of() : List.of("-vf", "ass=" + ass), folder.resolve("plain.mp4"));
    }

    private static double jvmStart() throws IOException {
        long before = Cpu.childrenMs();
        String classes = System.getProperty("java.class.path");
        ToolRun.text(
                List.of(
                        System.getProperty("java.home") + "/bin/java",
                        "-XX:+UseSerialGC",
                        "-cp",
                        classes,
                        "saltdrum.cli.SaltDrumCommand",
                        "styles"),
                60,
                failed -> {
                    throw new SaltDrumException(failed.errors());
                });
        return Cpu.childrenMs() - before;
    }

    /** Comparable captions for libass: the same cues, a heavy face, outline and shadow, a pop on every word. */
    private static String ass(Track track) {
        StringBuilder out = new StringBuilder(
                """
                [Script Info]
                ScriptType: v4.00+
                PlayResX: 1080
                PlayResY: 1920

                [V4+ Styles]
                Format: Name, Fontname, Fontsize, PrimaryColour, SecondaryColour, OutlineColour, BackColour, Bold, Italic, Underline, StrikeOut, ScaleX, ScaleY, Spacing, Angle, BorderStyle, Outline, Shadow, Alignment, MarginL, MarginR, MarginV, Encoding
                Style: D,Sans,120,&H00FFFFFF,&H00FFFFFF,&H00302B0D,&H00302B0D,1,0,0,0,100,100,0,0,1,7,8,5,60,60,0,1

                [Events]
                Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text
                """);
        List<CueTime> times = CueTime.of(track);
        for (int i = 0; i < times.size(); i++) {
            StringBuilder text = new StringBuilder();
            for (Word word : track.cues().get(i).words()) {
                int from = word.startMs() - times.get(i).showMs();
                text.append(String.format(
                        Locale.ROOT,
                        "{\\alpha&HFF&\\t(%d,%d,\\alpha&H00&)\\t(%d,%d,\\fscx107\\fscy107)\\t(%d,%d,\\fscx100\\fscy100)}%s ",
                        from,
                        from + 1,
                        from,
                        from + 80,
                        from + 80,
                        from + 170,
                        word.text()));
            }
            out.append("Dialogue: 0,")
                    .append(stamp(times.get(i).showMs()))
                    .append(',')
                    .append(stamp(times.get(i).hideMs()))
                    .append(",D,,0,0,0,,")
                    .append(text)
                    .append('\n');
        }
        return out.toString();
    }

    private static String stamp(int ms) {
        return String.format(
                Locale.ROOT, "%d:%02d:%02d.%02d", ms / 3_600_000, ms / 60_000 % 60, ms / 1000 % 60, ms % 1000 / 10);
    }
}
