package saltdrum.core.check;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import saltdrum.core.BadInputException;
import saltdrum.core.text.Quoted;

/**
 * The kinds of findings.
 *
 * <p>Sources, each beside its kind: where none is named the limit is common practice and can be changed for a client.
 */
public enum CheckKind {
    SPEED("speed", "Too fast to read", "Common practice, no source; by script, as published broadcast guidelines do."),
    SHORT("short", "Shown too briefly", "Common practice, no source."),
    LONG("long", "Shown too long", "Common practice in broadcast subtitling, from memory: 7 seconds."),
    LINE_LENGTH(
            "lineLength",
            "Line too long",
            "Common practice, no source: about 25 characters in tall frames, 42 in wide ones."),
    LINES("lines", "Too many lines", "Common practice in broadcast subtitling, from memory: two."),
    LETTER("letter", "A letter alone", "Common practice, no source."),
    SIZE("size", "Letters too small", "Common practice, no source."),
    SAFE("safe", "Outside the safe area", "The safe areas of the client; EBU R 95 for other frames, from memory."),
    FRAME("frame", "Outside the frame", "Everything outside is cut off."),
    HEADLINE("headline", "Over a headline", "Two texts in one place can both not be read."),
    LATE(
            "late",
            "Later than the voice",
            "Against onsets that the aligner measured; the limit is common practice, no source."),
    EARLY(
            "early",
            "Earlier than the voice",
            "Against onsets that the aligner measured; the limit is common practice, no source."),
    SILENCE("silence", "Shown over silence", "Common practice, no source."),
    GAP("gap", "A gap that flashes", "Common practice, no source."),
    OVERLAP("overlap", "Two cues at once", "Two texts in one place can both not be read."),
    REPEATED("repeated", "A word twice", "Common practice, no source."),
    UNSURE("unsure", "Unsure word", "How sure the recogniser was, against the workshop's limit."),
    SPELLING("spelling", "Spelling", "The dictionary of the language and the client's glossary."),
    EMPTY("empty", "Nothing to read", "A cue of punctuation only."),
    EMPHASIS("emphasis", "Too much emphasis", "Common practice, no source: one word in five."),
    FLASHING("flashing", "Flashing", "WCAG 2.2, success criterion 2.3.1: three flashes in any second."),
    LETTERS("letters", "Letters that no font has", "They are not drawn."),
    TRANSLATION(
            "translation",
            "Translation missing or too long",
            "Cues that it leaves out; the limits of lines and of reading hold for it too."),
    TWICE(
            "twice",
            "Captions twice",
            "A stream kept beside burned-in captions, or captions in the picture, show them again."),
    CONTRAST("contrast", "Too little contrast", "WCAG 2.2, success criterion 1.4.3: 3 : 1 for large text.");

    private final String written;
    public final String label;
    /** Where the limit comes from. */
    public final String source;

    CheckKind(String written, String label, String source) {
        this.written = written;
        this.label = label;
        this.source = source;
    }

    /** The name used in files and API responses. */
    @JsonValue
    public String written() {
        return written;
    }

    /** @throws BadInputException if no kind has that name */
    public static CheckKind of(String written) {
        return Arrays.stream(values())
                .filter(kind -> kind.written.equals(written))
                .findFirst()
                .orElseThrow(() -> new BadInputException("There is no check " + Quoted.of(written) + "."));
    }

    /** Only a person can tell whether its remedy is right, so “remedy all” skips it. */
    public boolean askedOneByOne() {
        return this == UNSURE || this == SPELLING || this == REPEATED;
    }

    /** What a look can be at fault for, with any words. */
    public boolean ofLook() {
        return this == LINE_LENGTH
                || this == LINES
                || this == LETTER
                || this == SIZE
                || this == SAFE
                || this == FRAME
                || this == OVERLAP
                || this == FLASHING
                || this == LETTERS
                || this == CONTRAST;
    }

    /** What must have been measured in the sound before. */
    public boolean ofVoice() {
        return this == LATE || this == EARLY || this == SILENCE;
    }

    /** What must have been measured in the picture before. */
    public boolean ofPicture() {
        return this == CONTRAST;
    }
}
