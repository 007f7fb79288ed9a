package saltdrum.core.format.file;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.word.Tokens;

/** Gathers the words of one cue from pieces of text, times between them and ends of lines. */
public final class CueText {
    /** More than anybody says in one breath, or in ten minutes. */
    private static final int MOST_WORDS = 2000;

    private final List<FileWord> words = new ArrayList<>();
    private final List<Integer> lineStarts = new ArrayList<>();
    private final StringBuilder open = new StringBuilder();
    private Integer openStart;
    private Integer openEnd;
    private Integer pending;
    private boolean newLine;
    private int emphasis;
    private int openEmphasis;

    /** From here on words are, or are no longer, marked as stressed. */
    public void emphasis(boolean on) {
        emphasis(on ? 1 : 0);
    }

    /** @param voice in which words are from here on; 0 for the plain one */
    public void emphasis(int voice) {
        emphasis = voice;
    }

    public void text(String text) {
        text.codePoints().forEach(c -> {
            if (Tokens.ends(c)) {
                close();
            } else {
                if (open.isEmpty()) {
                    openStart = pending;
                    pending = null;
                    openEmphasis = emphasis;
                }
                // A time in the middle of a word says nothing about the word's start or end.
                openEnd = null;
                open.appendCodePoint(c);
            }
        });
    }

    /** A time between two pieces: it ends an open word, or begins the next. */
    public void time(int ms) {
        if (open.isEmpty()) {
            pending = ms;
        } else {
            openEnd = ms;
        }
    }

    public void newLine() {
        close();
        newLine = !words.isEmpty();
    }

    private void close() {
        if (open.isEmpty()) {
            return;
        }
        if (newLine) {
            lineStarts.add(words.size());
            newLine = false;
        }
        if (words.size() >= MOST_WORDS) {
            throw new BadInputException(
                    "A cue of the file has more than " + MOST_WORDS + " words. Nothing was imported.");
        }
        words.add(new FileWord(open.toString(), openStart, openEnd, 1, openEmphasis));
        open.setLength(0);
        pending = openEnd;
        openStart = null;
        openEnd = null;
    }

    public boolean isEmpty() {
        return words.isEmpty() && open.isEmpty();
    }

    public FileCue cue(int startMs, int endMs, String settings, int line) {
        close();
        return new FileCue(startMs, endMs, List.copyOf(words), List.copyOf(lineStarts), settings, line);
    }
}
