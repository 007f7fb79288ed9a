package saltdrum.cli.bench.burn;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.zip.GZIPOutputStream;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.core.Json;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

public final class SceneBench {
    private SceneBench() {}

    public static void run(BenchReport report) throws IOException {
        SceneMaker maker = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
        for (Style style : new ShippedStyles().all()) {
            Track track = BenchClips.track(150, Recipe.PHRASE, style.name());
            Scene scene = maker.make(track, style, new Size(1080, 1920));
            double[] ms = new double[60];
            for (int i = 0; i < ms.length; i++) {
                long start = System.nanoTime();
                scene = maker.make(track, style, new Size(1080, 1920));
                byte[] json = Json.bytes(scene);
                ms[i] = (System.nanoTime() - start) / 1e6 + 0 * json.length;
            }
            report.line(
                    "scene of 150 words, " + style.name(),
                    BenchReport.quantile(ms, 0.95),
                    "ms",
                    "<= 60",
                    "p95 of 60, JSON included");
            ByteArrayOutputStream packed = new ByteArrayOutputStream();
            try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
                gzip.write(Json.bytes(scene));
            }
            report.line(
                    "  its size, gzipped",
                    packed.size() / 1024.0,
                    "KB",
                    "<= 200",
                    Json.bytes(scene).length / 1024 + " KB plain");
        }
    }
}
