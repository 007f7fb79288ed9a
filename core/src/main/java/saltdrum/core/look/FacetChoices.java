package saltdrum.core.look;

import saltdrum.core.parts.Label;

/** The values of facets with a few choices. */
public final class FacetChoices {
    private FacetChoices() {}

    public enum Letters {
        @Label("As written")
        AS_WRITTEN,
        @Label("Capitals")
        UPPER,
        @Label("Small letters")
        LOWER,
        @Label("Title")
        TITLE
    }

    /** Which commas and full stops are on the screen; the words keep theirs. */
    public enum Punctuation {
        @Label("As written")
        AS_WRITTEN,
        @Label("Not at line ends")
        LINE_ENDS,
        @Label("No commas and full stops")
        NONE
    }

    public enum QuoteMarks {
        @Label("As written")
        AS_WRITTEN,
        @Label("Straight")
        STRAIGHT,
        /** Those of the language. */
        @Label("Curly")
        CURLY
    }

    /** Where a sum of money has its sign. */
    public enum MoneySign {
        @Label("As written")
        AS_WRITTEN,
        @Label("As the language does")
        BY_LANGUAGE,
        @Label("Before: $25")
        FIRST,
        @Label("After: 25 $")
        LAST,
        @Label("By name: 25 dollars")
        NAME
    }

    public enum Align {
        @Label("Start")
        START,
        @Label("Centre")
        CENTRE,
        @Label("End")
        END
    }

    /** Where a block of lines goes from its place when it has more or fewer of them. */
    public enum Grow {
        @Label("Upwards")
        UP,
        @Label("Both ways")
        BOTH,
        @Label("Downwards")
        DOWN
    }

    /** What a place down the picture is a part of. */
    public enum Within {
        @Label("The frame")
        FRAME,
        /** From its top to its foot; widths end where it does at that height. */
        @Label("The safe area")
        SAFE
    }

    /** The position of a word's emoji. */
    public enum EmojiPosition {
        @Label("Before the word")
        BEFORE,
        @Label("After the word")
        AFTER,
        @Label("Above the word")
        ABOVE,
        @Label("Over the word")
        OVER
    }

    /** What happens to a line that is wider than the widest line. */
    public enum Fit {
        /** All cues have the size that nearly all fit at; the others are broken into more lines, or set smaller. */
        @Label("One size for all")
        ONE,
        /** The whole cue is set smaller. */
        @Label("Shrink the cue")
        CUE,
        /** Only the word that is too long is. */
        @Label("Shrink the word")
        WORD,
        /** All cues are, alike. */
        @Label("Shrink all alike")
        ALL,
        /** The cue is broken into more lines; if that does not help, it is set smaller. */
        @Label("Break into more lines")
        BREAK,
        /** A word that is too long is divided at a syllable; if that does not help, the cue is set smaller. */
        @Label("Hyphenate the word")
        HYPHENATE
    }
}
