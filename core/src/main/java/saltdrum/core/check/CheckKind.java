package saltdrum.core.check;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * What is looked for.
 *
 * <p>Sources, each beside its kind: where none is named the limit is common practice and can be changed for a client.
 */
public enum CheckKind {
    @JsonProperty("speed")
    SPEED("Too fast to read", "Common practice, no source; by script, as published broadcast guidelines do."),
    @JsonProperty("short")
    SHORT("On the screen too shortly", "Common practice, no source."),
    @JsonProperty("long")
    LONG("On the screen too long", "Common practice in broadcast subtitling, from memory: 7 seconds."),
    @JsonProperty("lineLength")
    LINE_LENGTH("Line too long", "Common practice, no source: about 25 characters in tall frames, 42 in wide ones."),
    @JsonProperty("lines")
    LINES("Too many lines", "Common practice in broadcast subtitling, from memory: two."),
    @JsonProperty("letter")
    LETTER("A letter alone", "Common practice, no source."),
    @JsonProperty("size")
    SIZE("Letters too small", "Common practice, no source."),
    @JsonProperty("safe")
    SAFE("Outside the safe area", "The safe areas of the client; EBU R 95 for other frames, from memory."),
    @JsonProperty("frame")
    FRAME("Outside the frame", "What lies outside is cut off."),
    @JsonProperty("headline")
    HEADLINE("Over a headline", "Two texts in one place can both not be read."),
    @JsonProperty("late")
    LATE("Later than the voice", "Against onsets that the aligner measured; the limit is common practice, no source."),
    @JsonProperty("early")
    EARLY(
            "Earlier than the voice",
            "Against onsets that the aligner measured; the limit is common practice, no source."),
    @JsonProperty("silence")
    SILENCE("Left standing over silence", "Common practice, no source."),
    @JsonProperty("gap")
    GAP("A gap that flashes", "Common practice, no source."),
    @JsonProperty("overlap")
    OVERLAP("Two cues at once", "Two texts in one place can both not be read."),
    @JsonProperty("repeated")
    REPEATED("A word twice", "Common practice, no source."),
    @JsonProperty("unsure")
    UNSURE("Unsure word", "How sure the recogniser was, against the workshop's limit."),
    @JsonProperty("spelling")
    SPELLING("Spelling", "The dictionary of the language and the client's glossary."),
    @JsonProperty("empty")
    EMPTY("Nothing to read", "A cue of marks alone."),
    @JsonProperty("emphasis")
    EMPHASIS("Too much emphasis", "Common practice, no source: one word in five."),
    @JsonProperty("flashing")
    FLASHING("Flashing", "WCAG 2.2, success criterion 2.3.1: three flashes in any second."),
    @JsonProperty("letters")
    LETTERS("Letters that no font has", "They are not drawn."),
    @JsonProperty("translation")
    TRANSLATION(
            "Translation missing or too long",
            "Cues that it leaves out; the limits of lines and of reading hold for it too."),
    @JsonProperty("twice")
    TWICE("Captions twice", "A stream kept beside burned-in captions, or captions in the picture, show them again."),
    @JsonProperty("contrast")
    CONTRAST("Too little contrast", "WCAG 2.2, success criterion 1.4.3: 3 : 1 for large text.");

    public final String label;
    /** Where the limit comes from. */
    public final String source;

    CheckKind(String label, String source) {
        this.label = label;
        this.source = source;
    }

    /** Only an ear or eye can tell whether its remedy is right: it is not made along with all others. */
    public boolean askedOneByOne() {
        return this == UNSURE || this == SPELLING || this == REPEATED;
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
