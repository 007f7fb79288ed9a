package saltdrum.cli.bench.words;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.ShortBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.measure.Cpu;
import saltdrum.cli.bench.words.Corpus.Spoken;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Heard;
import saltdrum.speech.recognise.Recogniser;
import saltdrum.speech.recognise.Term;

/** The recogniser: words wrong, terms found, what it takes, where there is no speech, and when its words begin. */
public final class HearingBench {
    private HearingBench() {}

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

    public static void run(BenchReport report) throws IOException {
        SpeechDesk desk = new SpeechDesk();
        desk.warm();
        List<Spoken> corpus = Corpus.all();
        people(report, desk);
        words(report, desk, corpus, "clean", s -> s, 7, true);
        words(report, desk, corpus, "music at 10 dB", s -> Noise.music(s, 10), 10, false);
        words(report, desk, corpus, "pink noise at 10 dB", s -> Noise.pink(s, 10), 18, false);
        for (boolean heldBack : new boolean[] {false, true}) {
            glossary(report, desk, corpus, heldBack);
        }
        noSpeech(report, desk);
    }

    private static Heard hear(SpeechDesk desk, Sound sound, List<Term> terms) {
        return desk.recognise(
                sound,
                new Recogniser.Asked("en", "bench", terms, !Boolean.getBoolean("once")),
                heard -> {},
                () -> false);
    }

    private static List<String> texts(Heard heard) {
        return heard.plainWords().stream().map(Word::text).toList();
    }

    private static List<String> said(Spoken spoken) {
        return spoken.truth().stream().map(Word::text).toList();
    }

    private static void words(
            BenchReport report,
            SpeechDesk desk,
            List<Spoken> corpus,
            String what,
            UnaryOperator<Sound> disturbed,
            double budget,
            boolean onsets) {
        WordError error = new WordError();
        ConfidenceFigures certainty = new ConfidenceFigures();
        List<Double> starts = new ArrayList<>();
        double seconds = 0;
        long cpu = 0;
        for (Spoken spoken : corpus) {
            Sound sound = disturbed.apply(spoken.sound());
            long before = Cpu.ownNs();
            Heard heard = hear(desk, sound, List.of());
            cpu += Cpu.ownNs() - before;
            seconds += sound.seconds();
            error.add(said(spoken), texts(heard));
            certainty.add(spoken.truth(), heard.plainWords(), starts);
        }
        report.line(
                "corpus, " + what + ": words wrong",
                error.percent(),
                "%",
                "<= " + budget,
                error.words() + " words, " + error.interval());
        report.line("  CPU a second of sound", cpu / 1e9 / seconds, "s", "<= 0.2", "words placed by the aligner too");
        unsure(report, certainty);
        if (onsets) {
            double[] sorted = starts.stream().mapToDouble(d -> d).toArray();
            report.line(
                    "  onsets of right words, median",
                    BenchReport.quantile(sorted, 0.5),
                    "ms",
                    "<= 12",
                    starts.size() + " words");
            report.line("  90 of 100 within", BenchReport.quantile(sorted, 0.9), "ms", "<= 40", "");
        }
    }

    private static void unsure(BenchReport report, ConfidenceFigures certainty) {
        report.line("  wrong words marked unsure", certainty.wrongMarked(), "%", ">= 72", certainty.curve());
        report.line("  right words marked unsure", certainty.rightMarked(), "%", "<= 6", "");
    }

    private static void glossary(BenchReport report, SpeechDesk desk, List<Spoken> corpus, boolean heldBack) {
        for (List<Term> terms : List.of(List.<Term>of(), GLOSSARY)) {
            WordError error = new WordError();
            int there = 0;
            int found = 0;
            int wrongly = 0;
            int words = 0;
            double seconds = 0;
            long cpu = 0;
            for (Spoken spoken : corpus) {
                if (spoken.heldBack() != heldBack) {
                    continue;
                }
                long before = Cpu.ownNs();
                Heard heard = hear(desk, spoken.sound(), terms);
                cpu += Cpu.ownNs() - before;
                seconds += spoken.sound().seconds();
                error.add(said(spoken), texts(heard));
                List<String> plainSaid = plain(said(spoken));
                List<String> plainHeard = plain(texts(heard));
                words += plainSaid.size();
                for (Term term : GLOSSARY) {
                    for (String word : plain(Tokens.split(term.written()))) {
                        long in = plainSaid.stream().filter(word::equals).count();
                        long out = plainHeard.stream().filter(word::equals).count();
                        there += (int) in;
                        found += (int) Math.min(in, out);
                        wrongly += (int) Math.max(0, out - in);
                    }
                }
            }
            String what = Corpus.said(heldBack) + (terms.isEmpty() ? ", without glossary" : ", with glossary");
            report.line(
                    what + ": terms found",
                    100.0 * found / there,
                    "%",
                    terms.isEmpty() ? "-" : ">= 95",
                    String.format(
                            Locale.ROOT, "%d of %d; %d put in wrongly in %d words", found, there, wrongly, words));
            report.line("  words wrong", error.percent(), "%", "-", error.interval());
            report.line(
                    "  CPU a second of sound", cpu / 1e9 / seconds, "s", terms.isEmpty() ? "<= 0.2" : "<= 0.45", "");
        }
    }

    private static List<String> plain(List<String> words) {
        return words.stream()
                .map(word -> Tokens.normalised(word.replaceAll("['’]s$", "")))
                .toList();
    }

    /** Recordings of people in Debian's pocketsphinx-testdata: LibriVox readings, and playing cards being named. */
    private static void people(BenchReport report, SpeechDesk desk) throws IOException {
        Path data = Path.of("/usr/share/pocketsphinx/test/data");
        if (!Files.isDirectory(data)) {
            report.line("human speech: not measured", 0, "", "-", "apt-get install pocketsphinx-testdata");
            return;
        }
        Pattern line = Pattern.compile("<s>(.*)</s>\\s*\\((.+)\\)");
        for (String set : List.of("librivox/transcription", "cards/cards.transcription")) {
            WordError error = new WordError();
            ConfidenceFigures certainty = new ConfidenceFigures();
            Path told = data.resolve(set);
            for (String text : Files.readAllLines(told)) {
                Matcher matcher = line.matcher(text);
                if (matcher.find()) {
                    Sound sound = wav(told.resolveSibling(matcher.group(2) + ".wav"));
                    List<String> spoken = Tokens.split(matcher.group(1));
                    Heard heard = hear(desk, sound, List.of());
                    error.add(spoken, texts(heard));
                    certainty.add(untimed(spoken), heard.plainWords(), new ArrayList<>());
                }
            }
            report.line(
                    "people, " + set.split("/")[0] + ": words wrong",
                    error.percent(),
                    "%",
                    "<= 5",
                    error.words() + " words, " + error.interval());
            unsure(report, certainty);
        }
    }

    private static List<Word> untimed(List<String> spoken) {
        List<Word> words = new ArrayList<>();
        for (String text : spoken) {
            words.add(new Word(words.size() + 1L, text, 0, 1, 0, WordSource.TYPED, 0, Pin.FREE));
        }
        return words;
    }

    /** A WAV file of 16 kHz, mono, 16 bits: the clip reader takes videos only. */
    private static Sound wav(Path file) throws IOException {
        try (AudioInputStream in = AudioSystem.getAudioInputStream(file.toFile())) {
            ShortBuffer samples = ByteBuffer.wrap(in.readAllBytes())
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .asShortBuffer();
            return Sound.of(samples);
        } catch (UnsupportedAudioFileException e) {
            throw new IOException(file + " is no WAV file", e);
        }
    }

    /** Nine sounds without speech, five lengths each. */
    private static void noSpeech(BenchReport report, SpeechDesk desk) {
        int wrong = 0;
        int tried = 0;
        List<String> heard = new ArrayList<>();
        for (double seconds : new double[] {0.3, 1, 5, 20, 60}) {
            for (String kind : NoSpeech.KINDS) {
                List<String> texts = texts(hear(desk, NoSpeech.of(kind, seconds), List.of()));
                tried++;
                if (!texts.isEmpty()) {
                    wrong++;
                    heard.add(kind + " of " + seconds + " s: " + String.join(" ", texts));
                }
            }
        }
        report.line(
                "sounds without speech that gave words",
                wrong,
                "",
                "<= 0",
                String.format(Locale.ROOT, "of %d %s", tried, heard));
    }
}
