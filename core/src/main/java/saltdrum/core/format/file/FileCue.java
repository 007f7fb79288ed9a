package saltdrum.core.format.file;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.look.LookPatch;
import saltdrum.core.word.Tokens;

/**
 * A cue of a caption file.
 *
 * @param lineStarts indexes of the words that start a new line
 * @param settings WebVTT cue settings as written in the file, or null
 * @param line of the file, from 1
 * @param look overrides of the cue
 */
public record FileCue(
        int startMs,
        int endMs,
        List<FileWord> words,
        List<Integer> lineStarts,
        String settings,
        int line,
        LookPatch look) {
    public FileCue(int startMs, int endMs, List<FileWord> words, List<Integer> lineStarts, String settings, int line) {
        this(startMs, endMs, words, lineStarts, settings, line, LookPatch.NONE);
    }

    /** With the words of scripts without spaces found: a file's “word” may be a whole sentence of them. */
    FileCue inWords() {
        List<FileWord> found = new ArrayList<>();
        List<Integer> starts = new ArrayList<>();
        for (int w = 0; w < words.size(); w++) {
            FileWord word = words.get(w);
            if (lineStarts.contains(w)) {
                starts.add(found.size());
            }
            List<String> parts = Tokens.split(word.text());
            for (int p = 0; p < parts.size(); p++) {
                found.add(new FileWord(
                        parts.get(p),
                        p == 0 ? word.startMs() : null,
                        p + 1 == parts.size() ? word.endMs() : null,
                        word.confidence(),
                        word.emphasis(),
                        word.look()));
            }
        }
        return found.size() == words.size() ? this : new FileCue(startMs, endMs, found, starts, settings, line, look);
    }
}
