package saltdrum.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.word.Word;

/** The invented harbour's clips and what is said in them. */
final class Demo {
    static final Path CLIPS = Path.of("../demo/clips");

    private Demo() {}

    static Path clip(String name) {
        return CLIPS.resolve(name + ".mp4").toAbsolutePath();
    }

    static String script(String name) throws IOException {
        return Files.readString(CLIPS.resolve(name + ".txt"));
    }

    static WordsFile truth(String name) throws IOException {
        return WordsFile.read(Files.readString(CLIPS.resolve(name + ".words.json")));
    }

    /** The demo's words with every third word emphasised. */
    static Track track(String name, Recipe recipe, String style) throws IOException {
        java.util.List<Word> words = truth(name).toWords().stream()
                .map(word -> word.id() % 3 == 0 ? word.withEmphasis(1) : word)
                .toList();
        return Track.of("en", recipe, style, words);
    }
}
