package saltdrum.core.format.file;

import saltdrum.core.look.LookPatch;

/**
 * A word of a caption file. Times in milliseconds; null if the file does not give them.
 *
 * @param look overrides of the word
 */
public record FileWord(String text, Integer startMs, Integer endMs, double confidence, int emphasis, LookPatch look) {
    public FileWord(String text, Integer startMs, Integer endMs, double confidence, int emphasis) {
        this(text, startMs, endMs, confidence, emphasis, LookPatch.NONE);
    }

    static FileWord of(String text, Integer startMs, Integer endMs) {
        return new FileWord(text, startMs, endMs, 1, 0);
    }
}
