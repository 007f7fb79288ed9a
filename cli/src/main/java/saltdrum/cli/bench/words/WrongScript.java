package saltdrum.cli.bench.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.words.Corpus.Spoken;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.placing.SpeechResult;

/** Some words of the script are not spoken, and some that are spoken are not in it; a tenth each, in runs. */
final class WrongScript {
    private static final double ODD_GOAL = 98;

    private final SpeechDesk desk;
    private final List<Spoken> part;
    private final SpeechBench.Disturbance disturbance;
    private final List<String> foreign;
    private final List<Double> errors = new ArrayList<>();
    private int odd;
    private int found;
    private int lacking;
    private int heard;
    private int tooMany;
    private int wronglyFlagged;
    private int others;

    WrongScript(SpeechDesk desk, List<Spoken> part, SpeechBench.Disturbance disturbance) {
        this.desk = desk;
        this.part = part;
        this.disturbance = disturbance;
        this.foreign =
                part.stream().flatMap(s -> s.truth().stream()).map(Word::text).toList();
    }

    /**
     * @param script as given
     * @param meant the spoken word for each of its words; null if it is not spoken
     * @param left start and end, ms, of speech that it lacks
     */
    private record Mixed(List<String> script, List<Word> meant, List<int[]> left) {}

    void run(BenchReport report, String set, double wronglyBudget) {
        for (Spoken spoken : part) {
            Mixed mixed = mixed(spoken);
            Sound sound = disturbance.on(spoken);
            count(mixed, desk.place(sound, mixed.script, "en", sound.lengthMs(), List.of(), d -> {}, () -> false));
        }
        double[] sorted = errors.stream().mapToDouble(e -> e).toArray();
        report.line(
                set + ", wrong script: others, 90 of 100 within", BenchReport.quantile(sorted, 0.9), "ms", "<= 60", "");
        report.line(
                "  right words wrongly flagged",
                100.0 * wronglyFlagged / others,
                "%",
                "<= " + wronglyBudget,
                String.format(Locale.ROOT, "%d of %d; %d pieces too many", wronglyFlagged, others, tooMany));
        report.line(
                "  odd ones flagged",
                100.0 * (found + heard) / (odd + lacking),
                "%",
                ">= " + ODD_GOAL,
                String.format(
                        Locale.ROOT,
                        "%d of %d words not spoken, %d of %d pieces not in the script",
                        found,
                        odd,
                        heard,
                        lacking));
    }

    private Mixed mixed(Spoken spoken) {
        Random random = new Random(spoken.name().hashCode());
        Mixed mixed = new Mixed(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        for (int i = 0; i < spoken.truth().size(); ) {
            double dice = random.nextDouble();
            int run = 1 + random.nextInt(5);
            if (dice < 0.035) {
                int from = random.nextInt(foreign.size() - run);
                for (int w = 0; w < run; w++) {
                    mixed.script.add(foreign.get(from + w));
                    mixed.meant.add(null);
                }
            } else if (dice < 0.07 && i + run < spoken.truth().size()) {
                mixed.left.add(new int[] {
                    spoken.truth().get(i).startMs(),
                    spoken.truth().get(i + run - 1).endMs()
                });
                i += run;
            }
            mixed.script.add(spoken.truth().get(i).text());
            mixed.meant.add(spoken.truth().get(i++));
        }
        return mixed;
    }

    private void count(Mixed mixed, SpeechResult result) {
        for (int i = 0; i < mixed.script.size(); i++) {
            Word placed = result.words().get(i);
            Word meant = mixed.meant.get(i);
            boolean flag = placed.source() == WordSource.NOT_FOUND;
            if (meant == null) {
                odd++;
                found += flag ? 1 : 0;
            } else {
                others++;
                wronglyFlagged += flag ? 1 : 0;
                if (!flag && meant.confidence() > 0) {
                    errors.add(Math.abs((double) placed.startMs() - meant.startMs()));
                }
            }
        }
        tooMany += (int) result.unscripted().stream()
                .filter(u -> mixed.left.stream().noneMatch(gap -> meets(u, gap)))
                .filter(u -> !besideOdd(u, result.words(), mixed.meant))
                .count();
        for (int[] gap : mixed.left) {
            lacking++;
            heard += result.unscripted().stream().anyMatch(u -> meets(u, gap)) ? 1 : 0;
        }
    }

    private static boolean meets(SpeechResult.Unscripted piece, int[] gap) {
        return piece.startMs() < gap[1] && piece.endMs() > gap[0];
    }

    /** Next to a word that was not said, other speech may rightly be reported. */
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
