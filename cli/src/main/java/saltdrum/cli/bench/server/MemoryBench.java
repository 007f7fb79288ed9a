package saltdrum.cli.bench.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.ShippedStyles;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.Probe;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

/** Peak memory while burning a short clip and a long one: ours from /proc, ffmpeg's as it reports it. */
public final class MemoryBench {
    private MemoryBench() {}

    public static void run(BenchReport report) throws IOException {
        Path folder = Files.createTempDirectory("salt-drum-bench");
        SceneMaker maker = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
        for (int seconds : new int[] {20, 600}) {
            Path clip = BenchClips.clip(folder, seconds);
            Track track = BenchClips.track(seconds * 47 / 20, Recipe.TWO_LINES, "Lantern");
            Scene scene = maker.make(
                    track, new ShippedStyles().get("Lantern"), Probe.of(clip).size());
            // 5 forgets the peak so far.
            Files.writeString(Path.of("/proc/self/clear_refs"), "5");
            Burn.Result result = new Burn(clip, Probe.of(clip), Frame.OWN, scene, BurnOrder.USUAL)
                    .to(folder.resolve("burned.mp4"), done -> {}, () -> false);
            long ownKb = ownPeakKb();
            report.line(
                    "memory of a burn of " + seconds + " s",
                    (ownKb + result.toolPeakKb()) / 1024.0,
                    "MB",
                    "<= 900",
                    String.format(Locale.ROOT, "JVM %d MB, ffmpeg %d MB", ownKb / 1024, result.toolPeakKb() / 1024));
        }
    }

    private static long ownPeakKb() throws IOException {
        return Files.readAllLines(Path.of("/proc/self/status")).stream()
                .filter(line -> line.startsWith("VmHWM:"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
                .findFirst()
                .orElse(0);
    }
}
