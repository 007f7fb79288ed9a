package saltdrum.core.format;

/** A word of a caption file; a time is null where the file does not tell it. Milliseconds. */
public record FileWord(String text, Integer startMs, Integer endMs, double confidence, int emphasis) {
    static FileWord of(String text, Integer startMs, Integer endMs) {
        return new FileWord(text, startMs, endMs, 1, 0);
    }
}
