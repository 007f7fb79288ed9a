package saltdrum.cli.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import saltdrum.cli.bench.Corpus.Spoken;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.placing.SpeechResult;

/** The aligner on the corpus, against the synthesisers' own word times: clean, disturbed, and with a script that is wrong. */
final class SpeechBench {
    private SpeechBench() {}

    static void run(Report report) throws IOException {
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
            wrongScript(report, desk, part, set + ", clean", Spoken::sound, 98, 0.3);
            wrongScript(report, desk, part, set + ", music at 10 dB", s -> Noise.music(s.sound(), 10), 98, 0.3);
            wrongScript(report, desk, part, set + ", pink noise at 10 dB", s -> Noise.pink(s.sound(), 10), 98, 1);
        }
    }

    private static Sound late(Spoken spoken) {
        return Sound.of(spoken.sound().samples(-2 * Sound.RATE, spoken.sound().length()));
    }

    private interface Disturbance {
        Sound on(Spoken spoken);
    }

    private static void times(
            Report report,
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
        report.line(what + ": median", Report.quantile(sorted, 0.5), "ms", "<= " + medianBudget, words + " words");
        report.line(
                "  90 of 100 within",
                Report.quantile(sorted, 0.9),
                "ms",
                "<= " + ninetyBudget,
                String.format("%d over 150 ms; %d flagged; %.2f of real time", far, flagged, seconds / length));
    }

    /** Some words of the script are not spoken, and some that are spoken are not in it; a tenth each, in runs. */
    private static void wrongScript(
            Report report,
            SpeechDesk desk,
            List<Spoken> part,
            String set,
            Disturbance disturbance,
            double flaggedBudget,
            double wronglyBudget) {
        List<Double> errors = new ArrayList<>();
        int odd = 0;
        int found = 0;
        int lacking = 0;
        int heard = 0;
        int tooMany = 0;
        int wronglyFlagged = 0;
        int others = 0;
        List<String> foreign =
                part.stream().flatMap(s -> s.truth().stream()).map(Word::text).toList();
        for (Spoken spoken : part) {
            Sound sound = disturbance.on(spoken);
            Random random = new Random(spoken.name().hashCode());
            List<String> script = new ArrayList<>();
            List<Word> meant = new ArrayList<>();
            List<int[]> left = new ArrayList<>();
            for (int i = 0; i < spoken.truth().size(); ) {
                double dice = random.nextDouble();
                int run = 1 + random.nextInt(5);
                if (dice < 0.035) {
                    int from = random.nextInt(foreign.size() - run);
                    for (int w = 0; w < run; w++) {
                        script.add(foreign.get(from + w));
                        meant.add(null);
                    }
                } else if (dice < 0.07 && i + run < spoken.truth().size()) {
                    left.add(new int[] {
                        spoken.truth().get(i).startMs(),
                        spoken.truth().get(i + run - 1).endMs()
                    });
                    i += run;
                }
                script.add(spoken.truth().get(i).text());
                meant.add(spoken.truth().get(i++));
            }
            SpeechResult result = desk.place(sound, script, "en", sound.lengthMs(), List.of(), d -> {}, () -> false);
            for (int i = 0; i < script.size(); i++) {
                Word placed = result.words().get(i);
                boolean flag = placed.source() == WordSource.NOT_FOUND;
                if (meant.get(i) == null) {
                    odd++;
                    found += flag ? 1 : 0;
                } else {
                    others++;
                    wronglyFlagged += flag ? 1 : 0;
                    if (!flag && meant.get(i).confidence() > 0) {
                        errors.add(Math.abs(
                                (double) placed.startMs() - meant.get(i).startMs()));
                    }
                }
            }
            tooMany += (int) result.unscripted().stream()
                    .filter(u -> left.stream().noneMatch(gap -> u.startMs() < gap[1] && u.endMs() > gap[0]))
                    .filter(u -> !besideOdd(u, result.words(), meant))
                    .count();
            for (int[] gap : left) {
                lacking++;
                heard += result.unscripted().stream().anyMatch(u -> u.startMs() < gap[1] && u.endMs() > gap[0]) ? 1 : 0;
            }
        }
        double[] sorted = errors.stream().mapToDouble(e -> e).toArray();
        report.line(set + ", wrong script: others, 90 of 100 within", Report.quantile(sorted, 0.9), "ms", "<= 60", "");
        report.line(
                "  right words wrongly flagged",
                100.0 * wronglyFlagged / others,
                "%",
                "<= " + wronglyBudget,
                String.format("%d of %d; %d pieces too many", wronglyFlagged, others, tooMany));
        report.line(
                "  odd ones flagged",
                100.0 * (found + heard) / (odd + lacking),
                "%",
                ">= " + flaggedBudget,
                String.format(
                        "%d of %d words not spoken, %d of %d pieces not in the script", found, odd, heard, lacking));
    }

    /** Where a word that was not said stands, something else may rightly be heard. */
    private static boolean besideOdd(SpeechResult.Unscripted piece, List<Word> words, List<Word> meant) {
        for (int i = 0; i < words.size(); i++) {
            boolean near =
                    words.get(i).startMs() < piece.endMs() + 400 && words.get(i).endMs() > piece.startMs() - 400;
            if (meant.get(i) == null && near) {
                return true;
            }
        }
        return false;
    }
}
