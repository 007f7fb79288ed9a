package saltdrum.cli.bench.server;

import java.io.IOException;
import java.util.List;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;

/** Edits in the core alone, and their round trip through a running server and its database. */
public final class EditBench {
    private EditBench() {}

    public static void run(BenchReport report) throws IOException {
        for (int words : new int[] {600, 6000}) {
            Track track = BenchClips.track(words, Recipe.PHRASE, "Mallet");
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
                    BenchReport.quantile(ms, 0.95),
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
                    BenchReport.quantile(breaks, 0.95),
                    "ms",
                    words == 600 ? "<= 10" : "-",
                    "p95 of 40, three recipes");
        }
        oneCue(report);
        RoundTrip.run(report);
    }

    /** All words joined into one cue by hand: the time to find its lines and cues. */
    private static void oneCue(BenchReport report) throws IOException {
        for (int count : new int[] {3000, 6000}) {
            List<Word> words = BenchClips.words(count).stream()
                    .map(word -> word.withPin(word.id() == 1 ? Pin.CUE_BREAK : Pin.TOGETHER))
                    .toList();
            double[] ms = new double[20];
            for (int i = 0; i < ms.length; i++) {
                long start = System.nanoTime();
                Breaker.cues(words, Recipe.TWO_LINES, "en", new Ids(1));
                Breaker.lines(words, Recipe.TWO_LINES, "en");
                ms[i] = (System.nanoTime() - start) / 1e6;
            }
            report.line(
                    "break " + count + " words held in one cue",
                    BenchReport.quantile(ms, 0.95),
                    "ms",
                    count == 6000 ? "<= 200" : "-",
                    "p95 of 20, cold ones too");
        }
    }
}
