package saltdrum.cli.bench.measure;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.word.Word;
import saltdrum.media.ffmpeg.ToolRun;

/** The demo clip and its words, repeated to the length that a budget names. */
public final class BenchClips {
    private BenchClips() {}

    public static Path demo(String file) {
        for (Path base : List.of(Path.of("demo/clips"), Path.of("../demo/clips"), beside())) {
            if (Files.exists(base.resolve(file))) {
                return base.resolve(file);
            }
        }
        throw new BadInputException("The demo clips are not here. Run the benchmark from the project's folder.");
    }

    private static Path beside() {
        Path classes = Path.of(BenchClips.class
                .getProtectionDomain()
                .getCodeSource()
                .getLocation()
                .getPath());
        return classes.resolve("../../../demo/clips").normalize();
    }

    /** Words of the demo clip, again and again, every fifth emphasised. */
    public static List<Word> words(int count) throws IOException {
        List<Word> once =
                WordsFile.read(Files.readString(demo("three-coats.words.json"))).toWords();
        int turnMs = 17_500;
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Word word = once.get(i % once.size());
            int shift = i / once.size() * turnMs;
            words.add(word.withTime(word.startMs() + shift, word.endMs() + shift)
                    .withId(i + 1L)
                    .withEmphasis(i % 5 == 0 ? 1 : 0));
        }
        return words;
    }

    public static Track track(int count, Recipe recipe, String style) throws IOException {
        return Track.of("en", recipe, style, words(count));
    }

    /** The demo clip, 1080x1920 at 30 frames a second, again and again until that many seconds. */
    public static Path clip(Path folder, int seconds) {
        Path clip = folder.resolve("clip-" + seconds + ".mp4");
        ToolRun.text(
                List.of(
                        "ffmpeg",
                        "-nostdin",
                        "-loglevel",
                        "error",
                        "-y",
                        "-stream_loop",
                        Integer.toString(seconds / 17),
                        "-i",
                        demo("three-coats.mp4").toString(),
                        "-t",
                        Integer.toString(seconds),
                        "-c",
                        "copy",
                        clip.toString()),
                60,
                failed -> {
                    throw new SaltDrumException(failed.errors());
                });
        return clip;
    }
}
