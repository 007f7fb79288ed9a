package saltdrum.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import picocli.CommandLine.Option;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.Srt;
import saltdrum.core.format.WordsFile;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleFile;
import saltdrum.core.word.Word;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

/** What makes a scene on the command line: captions, style, recipe, frame. */
public final class CaptionOptions {
    @Option(names = "--captions", required = true, paramLabel = "FILE", description = "Words file (.json) or SRT.")
    Path captions;

    @Option(
            names = "--style",
            paramLabel = "NAME|FILE",
            defaultValue = "Mallet",
            description = "A style's name or file.")
    String style;

    @Option(
            names = "--recipe",
            paramLabel = "NAME|key=value,…",
            defaultValue = "phrase",
            description = "one word, phrase, two lines, or keys such as lineCharacters=18,lines=2.")
    String recipe;

    @Option(
            names = "--frame",
            paramLabel = "FRAME",
            defaultValue = "own",
            description = "own, 9:16, 4:5, 1:1 or 16:9; add ,fit for bars.")
    String frame;

    Style style() throws IOException {
        Path file = Path.of(style);
        return style.endsWith(".json") || Files.isRegularFile(file)
                ? StyleFile.read(Files.readString(file))
                : StyleFile.builtIn(style);
    }

    Track track() throws IOException {
        String text = text(captions);
        boolean json = text.stripLeading().startsWith("{");
        WordsFile file = json ? WordsFile.read(text) : null;
        List<Word> words = json ? file.toWords() : Srt.read(text);
        if (words.isEmpty()) {
            throw new BadInputException("“" + captions.getFileName() + "” has no words.");
        }
        Track track = Track.of(json ? file.language() : "und", Recipe.parse(recipe), style().name(), words);
        return new Track(
                track.language(), track.recipe(), track.style(), Frame.parse(frame), track.cues(), track.nextId());
    }

    Scene scene(Size clip) throws IOException {
        return new SceneMaker(new SkijaTypesetter(FontShelf.shipped())).make(track(), style(), clip);
    }

    /** UTF-8, or Latin-1 where the bytes are no UTF-8. */
    static String text(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        if (bytes.length > 20_000_000) {
            throw new BadInputException("“" + file.getFileName() + "” is larger than 20 MB: it is not a caption file.");
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(java.nio.ByteBuffer.wrap(bytes))
                    .toString();
        } catch (java.nio.charset.CharacterCodingException notUtf8) {
            return new String(bytes, StandardCharsets.ISO_8859_1);
        }
    }
}
