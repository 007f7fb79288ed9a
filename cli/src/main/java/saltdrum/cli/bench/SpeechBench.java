package saltdrum.cli.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import saltdrum.core.format.WordsFile;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.SpeechResult;
import saltdrum.speech.recognise.Term;
import saltdrum.speech.spoken.SpokenForm;

/** The aligner on the corpus, against the synthesisers' own word times: clean, disturbed, and with a script that is wrong. */
final class SpeechBench {
    /** Texts and a voice that nothing was ever tuned on. */
    private static final Set<String> HELD_BACK = Set.of("ferry", "limpets", "auction");

    private static final String HELD_BACK_VOICE = "flite-awb";

    private SpeechBench() {}

    private record Spoken(String name, short[] samples, List<Word> truth) {
        boolean heldBack() {
            return HELD_BACK.contains(name.substring(0, name.indexOf('-'))) || name.endsWith(HELD_BACK_VOICE);
        }
    }

    static void run(Report report) throws IOException {
        List<Spoken> corpus = corpus();
        SpeechDesk desk = new SpeechDesk();
        for (boolean heldBack : new boolean[] {false, true}) {
            List<Spoken> part =
                    corpus.stream().filter(s -> s.heldBack() == heldBack).toList();
            String set = heldBack ? "held back" : "tuning set";
            times(report, desk, part, set + ", clean", 12, 40, Spoken::samples, 0);
            times(report, desk, part, set + ", 2 s of silence before", 12, 40, SpeechBench::late, 2000);
            times(
                    report,
                    desk,
                    part,
                    set + ", music at 10 dB",
                    35,
                    100,
                    s -> Noise.mixed(s.samples, Noise.music(s.samples.length), 10),
                    0);
            times(
                    report,
                    desk,
                    part,
                    set + ", pink noise at 10 dB",
                    35,
                    100,
                    s -> Noise.mixed(s.samples, Noise.pink(s.samples.length), 10),
                    0);
            wrongScript(report, desk, part, set);
            recognition(report, desk, part, set);
        }
    }

    static List<Path> files() throws IOException {
        Path folder = Material.demo("three-coats.mp4")
                .resolve("../../../speech/corpus")
                .normalize();
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(p -> p.toString().endsWith(".mka")).sorted().toList();
        }
    }

    private static List<Spoken> corpus() throws IOException {
        List<Spoken> corpus = new ArrayList<>();
        for (Path file : files()) {
            String name = file.getFileName().toString().replace(".mka", "");
            List<Word> truth = WordsFile.read(Files.readString(file.resolveSibling(name + ".words.json")))
                    .toWords();
            corpus.add(new Spoken(name, SoundTrack.speech(file, SoundChoice.USUAL), truth));
        }
        return corpus;
    }

    private static short[] late(Spoken spoken) {
        short[] late = new short[spoken.samples.length + 32_000];
        System.arraycopy(spoken.samples, 0, late, 32_000, spoken.samples.length);
        return late;
    }

    private interface Disturbance {
        short[] on(Spoken spoken);
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
            short[] samples = disturbance.on(spoken);
            long start = System.nanoTime();
            List<String> tokens = spoken.truth.stream().map(Word::text).toList();
            SpeechResult result = desk.place(samples, tokens, "en", samples.length / 16, d -> {}, () -> false);
            seconds += (System.nanoTime() - start) / 1e9;
            length += samples.length / 16_000.0;
            words += tokens.size();
            for (int i = 0; i < tokens.size(); i++) {
                Word placed = result.words().get(i);
                flagged += placed.source() == WordSource.ALIGNED ? 0 : 1;
                if (spoken.truth.get(i).confidence() > 0) {
                    errors.add(Math.abs((double) placed.startMs()
                            - shift
                            - spoken.truth.get(i).startMs()));
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
    private static void wrongScript(Report report, SpeechDesk desk, List<Spoken> part, String set) {
        List<Double> errors = new ArrayList<>();
        int odd = 0;
        int found = 0;
        int lacking = 0;
        int heard = 0;
        int wronglyFlagged = 0;
        int others = 0;
        List<String> foreign =
                part.stream().flatMap(s -> s.truth.stream()).map(Word::text).toList();
        for (Spoken spoken : part) {
            Random random = new Random(spoken.name.hashCode());
            List<String> script = new ArrayList<>();
            List<Word> meant = new ArrayList<>();
            List<int[]> left = new ArrayList<>();
            for (int i = 0; i < spoken.truth.size(); ) {
                double dice = random.nextDouble();
                int run = 1 + random.nextInt(5);
                if (dice < 0.035) {
                    int from = random.nextInt(foreign.size() - run);
                    for (int w = 0; w < run; w++) {
                        script.add(foreign.get(from + w));
                        meant.add(null);
                    }
                } else if (dice < 0.07 && i + run < spoken.truth.size()) {
                    left.add(new int[] {
                        spoken.truth.get(i).startMs(),
                        spoken.truth.get(i + run - 1).endMs()
                    });
                    i += run;
                }
                script.add(spoken.truth.get(i).text());
                meant.add(spoken.truth.get(i++));
            }
            SpeechResult result =
                    desk.place(spoken.samples, script, "en", spoken.samples.length / 16, d -> {}, () -> false);
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
            for (int[] gap : left) {
                lacking++;
                heard += result.unscripted().stream().anyMatch(u -> u.startMs() < gap[1] && u.endMs() > gap[0]) ? 1 : 0;
            }
        }
        double[] sorted = errors.stream().mapToDouble(e -> e).toArray();
        report.line(
                set + ", wrong script: others, 90 of 100 within",
                Report.quantile(sorted, 0.9),
                "ms",
                "<= 60",
                String.format("%d of %d wrongly flagged", wronglyFlagged, others));
        report.line(
                "  odd ones flagged",
                100.0 * (found + heard) / (odd + lacking),
                "%",
                ">= 95",
                String.format(
                        "%d of %d words not spoken, %d of %d pieces not in the script", found, odd, heard, lacking));
    }

    /** Names and trade terms of the texts, as a workshop would list them. */
    private static final List<Term> GLOSSARY = List.of(
            new Term("Skarholm", "scar home"),
            new Term("Gannet Point", null),
            new Term("Queen Astrid", null),
            new Term("Halvorsen", null),
            new Term("Mirela", "me rella"),
            new Term("Thorvald", "tor vald"),
            new Term("clinker", null),
            new Term("larch", null),
            new Term("rowlocks", null),
            new Term("tarpaulin", null),
            new Term("transom", null),
            new Term("limpets", null),
            new Term("varnish", null),
            new Term("bowline", null),
            new Term("dinghy", null),
            new Term("quay", null),
            new Term("spruce", null));

    /** Two clips of each set, heard without and with the glossary: words wrong, left out or too many, and the terms found. */
    private static void recognition(Report report, SpeechDesk desk, List<Spoken> part, String set) {
        SpokenForm spokenForm = new SpokenForm();
        List<Spoken> some =
                part.stream().filter(s -> s.name.contains("flite")).limit(2).toList();
        for (List<Term> terms : List.of(List.<Term>of(), GLOSSARY)) {
            int wrong = 0;
            int words = 0;
            int termsThere = 0;
            int termsFound = 0;
            double length = 0;
            double seconds = 0;
            for (Spoken spoken : some) {
                long start = System.nanoTime();
                List<String> heard =
                        desk.recognise(spoken.samples, "en", spoken.name, terms, h -> {}, () -> false).stream()
                                .map(w -> Tokens.normalised(w.text()))
                                .toList();
                seconds += (System.nanoTime() - start) / 1e9;
                length += spoken.samples.length / 16_000.0;
                List<String> said = spoken.truth.stream()
                        .flatMap(w -> spokenForm.of(w.text()).stream())
                        .map(Tokens::normalised)
                        .toList();
                wrong += distance(said, heard);
                words += said.size();
                for (Term term : GLOSSARY) {
                    for (String word : Tokens.split(term.written())) {
                        String plain = Tokens.normalised(word);
                        if (said.contains(plain)) {
                            termsThere++;
                            termsFound += heard.contains(plain) ? 1 : 0;
                        }
                    }
                }
            }
            report.line(
                    set + ", recognition " + (terms.isEmpty() ? "without" : "with") + " glossary",
                    100.0 * wrong / words,
                    "% wrong",
                    "-",
                    String.format(
                            "%d words; %d of %d words of the glossary found; %.2f of real time, model load included",
                            words, termsFound, termsThere, seconds / length));
        }
    }

    private static int distance(List<String> said, List<String> heard) {
        int[] row = new int[heard.size() + 1];
        for (int j = 0; j < row.length; j++) {
            row[j] = j;
        }
        for (int i = 1; i <= said.size(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= heard.size(); j++) {
                int change = diagonal + (said.get(i - 1).equals(heard.get(j - 1)) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(change, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[heard.size()];
    }
}
