package saltdrum.cli.bench.burn;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.measure.Cpu;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;
import saltdrum.core.scene.Timeline;
import saltdrum.core.style.Style;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.media.paint.Band;
import saltdrum.media.paint.VideoColours;

/** The server's painter. The browser's is measured by the end-to-end test, which prints its figure. */
public final class PaintBench {
    private static final int FRAMES = 450;

    private PaintBench() {}

    /** @param only names of styles; empty for all */
    public static void run(BenchReport report, List<String> only) throws IOException {
        SceneMaker maker = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
        for (Style style : BenchStyles.all(only)) {
            Scene scene = maker.make(BenchClips.track(41, Recipe.TWO_LINES, style.name()), style, new Size(1080, 1920));
            double[] ms = new double[FRAMES];
            double cpu = 0;
            int painted = 0;
            try (Band band = Band.of(scene, 1080, 1920, VideoColours.bt709(false))) {
                for (int round = 0; round < 2; round++) {
                    Timeline timeline = new Timeline(scene);
                    SceneAt shown = null;
                    painted = 0;
                    long before = Cpu.ownNs();
                    for (int i = 0; i < FRAMES; i++) {
                        SceneAt now = timeline.at(i * 1000.0 / 30);
                        long start = System.nanoTime();
                        if (shown == null || !now.looksLike(shown)) {
                            band.paint(now);
                            painted++;
                        }
                        ms[i] = (System.nanoTime() - start) / 1e6;
                        shown = now;
                    }
                    cpu = (Cpu.ownNs() - before) / 1e6;
                }
                report.line(
                        "paint a band, " + style.name(),
                        BenchReport.quantile(ms, 0.95),
                        "ms",
                        "-",
                        String.format(
                                Locale.ROOT,
                                "p95; %d of %d frames changed; band %dx%d; %.0f ms CPU",
                                painted,
                                FRAMES,
                                band.width,
                                band.height,
                                cpu));
            }
        }
    }
}
