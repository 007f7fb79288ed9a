package saltdrum.cli.bench.words;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.speech.SpeechDesk;

/** The demo scripts on their voices, against the synthesiser's own word times. */
public final class AlignBench {
    private AlignBench() {}

    public static void run(BenchReport report) throws IOException {
        SpeechDesk desk = new SpeechDesk();
        for (String name : List.of("three-coats", "last-ferry", "tide-pool")) {
            Path clip = BenchClips.demo(name + ".mp4");
            List<Word> truth = WordsFile.read(Files.readString(BenchClips.demo(name + ".words.json")))
                    .toWords();
            List<String> tokens = Tokens.split(Files.readString(BenchClips.demo(name + ".txt")));
            Sound sound = SoundTrack.speech(clip, SoundChoice.USUAL);
            long start = System.nanoTime();
            List<Word> placed = desk.place(sound, tokens, "en", sound.lengthMs(), List.of(), d -> {}, () -> false)
                    .words();
            double seconds = (System.nanoTime() - start) / 1e9;
            double[] errors = new double[truth.size()];
            for (int i = 0; i < errors.length; i++) {
                errors[i] = Math.abs(placed.get(i).startMs() - truth.get(i).startMs());
            }
            report.line(
                    "align " + name + ", median onset error",
                    BenchReport.quantile(errors, 0.5),
                    "ms",
                    "<= 20",
                    truth.size() + " words against the synthesiser's times");
            report.line("  90 of 100 within", BenchReport.quantile(errors, 0.9), "ms", "<= 60", "");
            report.line(
                    "  share of real time",
                    seconds / sound.seconds(),
                    "",
                    "<= 0.2",
                    name.equals("three-coats") ? "model load included" : "warm");
        }
    }
}
