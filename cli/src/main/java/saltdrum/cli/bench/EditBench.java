package saltdrum.cli.bench;

import java.io.IOException;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Rebreak;
import saltdrum.core.edit.RetypeCue;

/** Edits in the core alone, and their round trip through a running server and its database. */
final class EditBench {
    private EditBench() {}

    static void run(Report report) throws IOException {
        for (int words : new int[] {600, 6000}) {
            Track track = Material.track(words, Recipe.PHRASE, "Mallet");
            double[] ms = new double[200];
            for (int round = 0; round < 2; round++) {
                for (int i = 0; i < ms.length; i++) {
                    Cue cue = track.cues().get(i * 7 % track.cues().size());
                    long start = System.nanoTime();
                    new RetypeCue(cue.id(), cue.text() + " again").on(track);
                    ms[i] = (System.nanoTime() - start) / 1e6;
                }
            }
            report.line(
                    "retype a cue of " + words + " words",
                    Report.quantile(ms, 0.95),
                    "ms",
                    words == 600 ? "<= 30" : "<= 120",
                    "p95 of 200, core only");
            double[] breaks = new double[40];
            List<Recipe> recipes = Recipe.BUILT_IN;
            for (int round = 0; round < 2; round++) {
                for (int i = 0; i < breaks.length; i++) {
                    long start = System.nanoTime();
                    new Rebreak(recipes.get(i % 3), false).on(track);
                    breaks[i] = (System.nanoTime() - start) / 1e6;
                }
            }
            report.line(
                    "re-break " + words + " words",
                    Report.quantile(breaks, 0.95),
                    "ms",
                    words == 600 ? "<= 10" : "-",
                    "p95 of 40, three recipes");
        }
        RoundTrip.run(report);
    }
}
