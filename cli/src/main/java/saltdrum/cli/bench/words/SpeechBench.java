package saltdrum.cli.bench.words;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.words.Corpus.Spoken;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.placing.SpeechResult;

/** The aligner on the corpus, against the synthesisers' own word times: clean, disturbed, and with a script that is wrong. */
public final class SpeechBench {
    private SpeechBench() {}

    public static void run(BenchReport report) throws IOException {
        List<Spoken> corpus = Corpus.all();
        SpeechDesk desk = new SpeechDesk();
        for (boolean heldBack : new boolean[] {false, true}) {
            List<Spoken> part =
                    corpus.stream().filter(s -> s.heldBack() == heldBack).toList();
            String set = Corpus.said(heldBack);
            times(report, desk, part, set + ", clean", 12, 40, Spoken::sound, 0);
            times(report, desk, part, set + ", 2 s of silence before", 12, 40, SpeechBench::late, 2000);
            times(report, desk, part, set + ", music at 10 dB", 35, 100, s -> Noise.music(s.sound(), 10), 0);
            times(report, desk, part, set + ", pink noise at 10 dB", 35, 100, s -> Noise.pink(s.sound(), 10), 0);
            new WrongScript(desk, part, Spoken::sound).run(report, set + ", clean", 0.3);
            new WrongScript(desk, part, s -> Noise.music(s.sound(), 10)).run(report, set + ", music at 10 dB", 0.3);
            new WrongScript(desk, part, s -> Noise.pink(s.sound(), 10)).run(report, set + ", pink noise at 10 dB", 1);
        }
    }

    private static Sound late(Spoken spoken) {
        return Sound.of(spoken.sound().samples(-2 * Sound.RATE, spoken.sound().length()));
    }

    interface Disturbance {
        Sound on(Spoken spoken);
    }

    private static void times(
            BenchReport report,
            SpeechDesk desk,
            List<Spoken> part,
            String what,
            int medianBudget,
            int ninetyBudget,
            Disturbance disturbance,
            int shift) {
        List<Double> errors = new ArrayList<>();
        double seconds = 0;
        double length = 0;
        int flagged = 0;
        int words = 0;
        for (Spoken spoken : part) {
            Sound sound = disturbance.on(spoken);
            long start = System.nanoTime();
            List<String> tokens = spoken.truth().stream().map(Word::text).toList();
            SpeechResult result = desk.place(sound, tokens, "en", sound.lengthMs(), List.of(), d -> {}, () -> false);
            seconds += (System.nanoTime() - start) / 1e9;
            length += sound.seconds();
            words += tokens.size();
            for (int i = 0; i < tokens.size(); i++) {
                Word placed = result.words().get(i);
                flagged += placed.source() == WordSource.ALIGNED ? 0 : 1;
                if (spoken.truth().get(i).confidence() > 0) {
                    errors.add(Math.abs((double) placed.startMs()
                            - shift
                            - spoken.truth().get(i).startMs()));
                }
            }
            flagged += result.unscripted().size();
        }
        double[] sorted = errors.stream().mapToDouble(e -> e).toArray();
        long far = Arrays.stream(sorted).filter(e -> e > 150).count();
        report.line(what + ": median", BenchReport.quantile(sorted, 0.5), "ms", "<= " + medianBudget, words + " words");
        report.line(
                "  90 of 100 within",
                BenchReport.quantile(sorted, 0.9),
                "ms",
                "<= " + ninetyBudget,
                String.format(
                        Locale.ROOT, "%d over 150 ms; %d flagged; %.2f of real time", far, flagged, seconds / length));
    }
}
