package saltdrum.core.word;

import com.fasterxml.jackson.annotation.JsonInclude;
import saltdrum.core.BadInputException;
import saltdrum.core.look.LookPatch;
import saltdrum.core.text.Characters;
import saltdrum.core.text.Quoted;

/**
 * One written word with its time in the clip.
 *
 * @param id unique in its track and unchanged by every edit
 * @param text as shown in the picture: no white space but no-break spaces; only {@linkplain Characters#kept supported
 * characters}
 * @param startMs first sound, integer milliseconds, {@code 0 <= startMs < endMs}
 * @param endMs end of the sound, milliseconds
 * @param confidence 0 (a guess) to 1 (sure)
 * @param emphasis 0 is plain; 1 to 4 name an emphasis voice of the style
 * @param pin a person's decision about the boundary before this word
 * @param look overrides of its cue and its emphasis role
 * @param speaker who says it: 1 for the track's first speaker, at most {@link #MOST_SPEAKERS}; 0 where no speakers are named
 */
public record Word(
        long id,
        String text,
        int startMs,
        int endMs,
        double confidence,
        WordSource source,
        int emphasis,
        Pin pin,
        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = LookPatch.Nothing.class) LookPatch look,
        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = Nobody.class) Integer speaker) {

    /** Characters (UTF-16) of the longest word: more than any language has, few enough to be set at once. */
    public static final int MOST_CHARACTERS = 300;

    /** Styles define at most this many emphasis voices. */
    public static final int MOST_EMPHASIS = 4;

    /** No speaker is named: not written. */
    static final class Nobody {
        @Override
        public boolean equals(Object other) {
            return other == null || other.equals(0);
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }

    /** In one clip. */
    public static final int MOST_SPEAKERS = 8;

    public Word {
        look = look == null ? LookPatch.NONE : look;
        // Words from before speakers were named say nothing of them.
        speaker = speaker == null ? Integer.valueOf(0) : speaker;
        text = Characters.kept(text);
        if (text == null || text.isBlank()) {
            throw new BadInputException("A word cannot be empty.");
        }
        if (text.length() > MOST_CHARACTERS) {
            throw new BadInputException("A word has at most " + MOST_CHARACTERS + " characters; “"
                    + text.codePoints()
                            .limit(20)
                            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                    + "…” has " + text.length() + ".");
        }
        if (text.codePoints().anyMatch(Word::separates)) {
            throw new BadInputException("A word cannot hold a space or a control character: " + Quoted.of(text) + ".");
        }
        if (startMs < 0 || startMs >= endMs) {
            throw new BadInputException("The word " + Quoted.of(text) + " cannot run from " + startMs + " to " + endMs
                    + " ms: it must start at 0 or later and end after it starts.");
        }
        if (!(confidence >= 0 && confidence <= 1)) {
            throw new BadInputException(
                    "Confidence of " + Quoted.of(text) + " must lie between 0 and 1, not " + confidence + ".");
        }
        if (emphasis < 0 || emphasis > MOST_EMPHASIS) {
            throw new BadInputException(
                    "Emphasis of " + Quoted.of(text) + " must lie between 0 and 4, not " + emphasis + ".");
        }
        if (speaker < 0 || speaker > MOST_SPEAKERS) {
            throw new BadInputException("A speaker is 1 to " + MOST_SPEAKERS + ", not " + speaker + ".");
        }
        if (source == null || pin == null) {
            throw new BadInputException("The word " + Quoted.of(text) + " needs a source and a pin.");
        }
    }

    public Word(
            long id, String text, int startMs, int endMs, double confidence, WordSource source, int emphasis, Pin pin) {
        this(id, text, startMs, endMs, confidence, source, emphasis, pin, LookPatch.NONE, 0);
    }

    public static Word of(long id, String text, int startMs, int endMs, WordSource source) {
        return new Word(id, text, startMs, endMs, 1, source, 0, Pin.FREE, LookPatch.NONE, 0);
    }

    /** White space that separates words, and control characters; no-break spaces belong to a word. */
    static boolean separates(int codePoint) {
        return Character.isISOControl(codePoint)
                || (Character.isWhitespace(codePoint)
                        && codePoint != 0xA0
                        && codePoint != 0x202F
                        && codePoint != 0x2007);
    }

    /** Default confidence below which a word is marked for listening again. */
    public static final double UNSURE_BELOW = 0.6;

    public boolean unsure() {
        return unsure(UNSURE_BELOW);
    }

    /**
     * Whether it asks to be listened to again. Times that were worked out and words that were not heard always do.
     *
     * @param below confidence that is not enough, 0 (lax) to 1 (strict)
     */
    public boolean unsure(double below) {
        return source == WordSource.ESTIMATED || source == WordSource.NOT_FOUND || confidence < below;
    }

    public int durationMs() {
        return endMs - startMs;
    }

    public Word withText(String newText, WordSource newSource) {
        return new Word(id, newText, startMs, endMs, 1, newSource, emphasis, pin, look, speaker);
    }

    /** The same word with another spelling, and just as sure. */
    public Word rewritten(String newText) {
        return new Word(id, newText, startMs, endMs, confidence, source, emphasis, pin, look, speaker);
    }

    public Word withTime(int newStartMs, int newEndMs) {
        return new Word(id, text, newStartMs, newEndMs, confidence, source, emphasis, pin, look, speaker);
    }

    public Word withEmphasis(int newEmphasis) {
        return new Word(id, text, startMs, endMs, confidence, source, newEmphasis, pin, look, speaker);
    }

    public Word withPin(Pin newPin) {
        return new Word(id, text, startMs, endMs, confidence, source, emphasis, newPin, look, speaker);
    }

    public Word withLook(LookPatch newLook) {
        return new Word(id, text, startMs, endMs, confidence, source, emphasis, pin, newLook, speaker);
    }

    public Word withConfidence(double newConfidence) {
        return new Word(id, text, startMs, endMs, newConfidence, source, emphasis, pin, look, speaker);
    }

    public Word confirmed() {
        return new Word(id, text, startMs, endMs, 1, WordSource.CONFIRMED, emphasis, pin, look, speaker);
    }

    public Word withId(long newId) {
        return new Word(newId, text, startMs, endMs, confidence, source, emphasis, pin, look, speaker);
    }

    public Word withSpeaker(int newSpeaker) {
        return new Word(id, text, startMs, endMs, confidence, source, emphasis, pin, look, newSpeaker);
    }
}
