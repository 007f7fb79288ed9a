import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Speaks the texts with several synthesisers and writes, for each, the sound (FLAC, 16 kHz mono, in Matroska) and the
 * words with the synthesiser's own times. See {@code make}.
 */
public final class Corpus {
    /** @param told whether the synthesiser told the time; eSpeak runs some small words together */
    record Word(double start, double end, String text, boolean told, boolean stressed) {
        Word(double start, double end, String text) {
            this(start, end, text, true, false);
        }
    }

    static Path work;
    static Path out;

    public static void main(String[] args) throws Exception {
        work = Path.of(args[0]);
        out = Path.of(args[1]);
        // Text, voice; the last three texts and the voice awb are for testing only, never for tuning.
        String[][] plan = {
            {"varnish", "flite-rms"}, {"varnish", "festival-kal"}, {"knots", "festival-slt"}, {"knots", "espeak-us"},
            {"gale", "flite-slt"}, {"gale", "festival-kal"}, {"oars", "espeak-us"}, {"oars", "flite-rms"},
            {"ferry", "flite-awb"}, {"ferry", "festival-slt"}, {"limpets", "espeak-us"}, {"limpets", "flite-awb"},
            {"auction", "festival-kal"}, {"auction", "flite-rms"},
            // Words between stars are spoken with eSpeak's strong emphasis; the second text is for testing only.
            {"watch", "espeak-us"}, {"bell", "espeak-us"}, {"bell", "espeak-gb"},
        };
        for (String[] entry : plan) {
            if (args.length > 2 && !List.of(args).subList(2, args.length).contains(entry[0])) {
                continue;
            }
            make(entry[0], entry[1]);
        }
    }

    static void make(String text, String voice) throws Exception {
        List<String> lines = Files.readAllLines(Path.of("texts/" + text + ".txt"));
        List<Word> words = new ArrayList<>();
        Path list = work.resolve("list.txt");
        StringBuilder parts = new StringBuilder();
        double offset = 0;
        for (int i = 0; i < lines.size(); i++) {
            Path wav = work.resolve("line" + i + ".wav");
            List<Word> spoken = voice.startsWith("flite") ? flite(lines.get(i), voice.substring(6), wav)
                    : voice.startsWith("festival") ? festival(lines.get(i), voice.substring(9), wav)
                    : espeak(lines.get(i), voice.substring(7), wav);
            Path part = work.resolve("part" + i + ".wav");
            // The pauses differ, as a speaker's do.
            run("ffmpeg", "-v", "error", "-y", "-i", wav.toString(), "-af", "aresample=16000,apad=pad_dur=" + (0.15 + 0.1 * (i % 4)),
                    "-ac", "1", "-ar", "16000", part.toString());
            for (Word word : spoken) {
                words.add(new Word(word.start + offset, word.end + offset, word.text, word.told, word.stressed));
            }
            offset += (Files.size(part) - 44 - 34) / 32_000.0;
            parts.append("file '").append(part).append("'\n");
        }
        Files.writeString(list, parts);
        String name = text + "-" + voice;
        run("ffmpeg", "-v", "error", "-y", "-f", "concat", "-safe", "0", "-i", list.toString(), "-c:a", "flac", "-compression_level", "12",
                out.resolve(name + ".mka").toString());
        StringBuilder json = new StringBuilder("{\n  \"language\" : \"en\",\n  \"words\" : [");
        for (int i = 0; i < words.size(); i++) {
            Word word = words.get(i);
            json.append(i == 0 ? "" : ",").append(String.format(Locale.ROOT, "%n    { \"text\" : \"%s\", \"start\" : %.3f, \"end\" : %.3f%s%s }",
                    word.text.replace("\"", "\\\""), word.start, word.end, word.told ? "" : ", \"confidence\" : 0", word.stressed ? ", \"emphasis\" : 1" : ""));
        }
        Files.writeString(out.resolve(name + ".words.json"), json.append("\n  ]\n}\n").toString());
        System.out.println(name + " " + words.size() + " words");
    }

    static List<Word> flite(String line, String voice, Path wav) throws Exception {
        Path in = work.resolve("in.txt");
        Files.writeString(in, voice + "|0|" + line + "\n");
        return tsv(run(in, work.resolve("speak").toString(), wav.toString()), line);
    }

    static List<Word> festival(String line, String voice, Path wav) throws Exception {
        Path scheme = work.resolve("say.scm");
        Files.writeString(scheme, """
                (voice_%s)
                (set! u (utt.synth (eval (list 'Utterance 'Text "%s"))))
                (utt.save.wave u "%s" 'riff)
                (mapcar (lambda (token)
                  (let ((first (item.daughter1 token)) (last (item.daughtern token)))
                    (if first
                      (format t "%%f\\t%%f\\t%%s\\n"
                        (item.feat first "R:SylStructure.daughter1.daughter1.R:Segment.segment_start")
                        (item.feat last "R:SylStructure.daughtern.daughtern.R:Segment.segment_end")
                        (item.name token)))))
                  (utt.relation.items u 'Token))
                """.formatted(voice.equals("kal") ? "kal_diphone" : "cmu_us_slt_arctic_hts", line, wav));
        return tsv(run((Path) null, "festival", "-b", scheme.toString()), line);
    }

    static List<Word> espeak(String line, String voice, Path wav) throws Exception {
        Path in = work.resolve("in.txt");
        List<String> marked = List.of(line.split(" "));
        List<String> tokens = marked.stream().map(token -> token.replace("*", "")).toList();
        List<String> written = marked.stream()
                .map(token -> token.replaceFirst("\\*(.*)\\*", "<emphasis level=\"strong\">$1</emphasis>"))
                .toList();
        String head = line.contains("*") ? "<speak>" : "";
        Files.writeString(in, head + String.join(" ", written) + (head.isEmpty() ? "" : "</speak>"));
        double[] starts = new double[tokens.size()];
        java.util.Arrays.fill(starts, -1);
        double end = 0;
        for (String event : run(in, work.resolve("espeak").toString(), "en-" + voice, wav.toString()).split("\n")) {
            String[] fields = event.split("\t");
            int at = Integer.parseInt(fields[0]);
            double time = Double.parseDouble(fields[1]);
            end = Math.max(end, time);
            if (at < 0) {
                continue;
            }
            int from = head.length();
            for (int t = 0; t < tokens.size(); t++) {
                if (at >= from && at <= from + written.get(t).length() && starts[t] < 0) {
                    starts[t] = time;
                    break;
                }
                from += written.get(t).length() + 1;
            }
        }
        List<Word> words = new ArrayList<>();
        for (int t = 0; t < tokens.size(); t++) {
            double next = end;
            for (int n = t + 1; n < tokens.size(); n++) {
                if (starts[n] >= 0) {
                    next = starts[n];
                    break;
                }
            }
            boolean told = starts[t] >= 0;
            if (!told) {
                // Half of what is left of the word before.
                Word before = words.remove(words.size() - 1);
                double middle = (before.start + before.end) / 2;
                words.add(new Word(before.start, middle, before.text, before.told, before.stressed));
                starts[t] = middle;
            }
            words.add(new Word(starts[t], Math.max(next, starts[t] + 0.02), tokens.get(t), told, marked.get(t).contains("*")));
        }
        return words;
    }

    /** The synthesisers tell tokens without their punctuation: the line's own tokens take their place. */
    static List<Word> tsv(String text, String line) {
        List<String> tokens = List.of(line.split(" "));
        List<Word> told = new ArrayList<>();
        for (String row : text.split("\n")) {
            String[] fields = row.split("\t");
            if (fields.length == 3) {
                told.add(new Word(Double.parseDouble(fields[0]), Double.parseDouble(fields[1]), fields[2]));
            }
        }
        List<Word> words = new ArrayList<>();
        int at = 0;
        for (String token : tokens) {
            String open = token.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
            double start = -1;
            double end = 0;
            while (!open.isEmpty() && at < told.size()) {
                Word word = told.get(at);
                String plain = word.text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
                if (!open.startsWith(plain)) {
                    throw new IllegalStateException(token + " is not " + word.text + " in: " + line);
                }
                start = start < 0 ? word.start : start;
                end = word.end;
                open = open.substring(plain.length());
                at++;
            }
            words.add(new Word(start, end, token));
        }
        return words;
    }

    static String run(String... command) throws IOException, InterruptedException {
        return run((Path) null, command);
    }

    static String run(Path in, String... command) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
        builder.redirectInput(in == null ? ProcessBuilder.Redirect.from(Path.of("/dev/null").toFile()) : ProcessBuilder.Redirect.from(in.toFile()));
        Process process = builder.start();
        String text = new String(process.getInputStream().readAllBytes());
        if (process.waitFor() != 0) {
            throw new IOException(String.join(" ", command) + " failed");
        }
        return text;
    }
}
