package saltdrum.cli.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.format.WordsFile;
import saltdrum.core.word.Word;

/** The demo clip and its words, repeated to the length that a budget names. */
final class Material {
    private Material() {}

    static Path demo(String file) {
        for (Path base : List.of(Path.of("demo/clips"), Path.of("../demo/clips"), beside())) {
            if (Files.exists(base.resolve(file))) {
                return base.resolve(file);
            }
        }
        throw new BadInputException("The demo clips are not here. Run the benchmark from the project's folder.");
    }

    private static Path beside() {
        Path classes = Path.of(Material.class
                .getProtectionDomain()
                .getCodeSource()
                .getLocation()
                .getPath());
        return classes.resolve("../../../demo/clips").normalize();
    }

    /** Words of the demo clip, again and again, every fifth emphasised. */
    static List<Word> words(int count) throws IOException {
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

    static Track track(int count, Recipe recipe, String style) throws IOException {
        return Track.of("en", recipe, style, words(count));
    }
}
