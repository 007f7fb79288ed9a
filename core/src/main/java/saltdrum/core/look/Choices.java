package saltdrum.core.look;

import saltdrum.core.parts.Says;

/** What a facet with a few choices can be. */
public final class Choices {
    private Choices() {}

    public enum Letters {
        @Says("As written")
        AS_WRITTEN,
        @Says("Capitals")
        UPPER,
        @Says("Small letters")
        LOWER,
        @Says("Title")
        TITLE
    }

    public enum Align {
        @Says("Start")
        START,
        @Says("Centre")
        CENTRE,
        @Says("End")
        END
    }

    /** Where a block of lines goes from its place when it has more or fewer of them. */
    public enum Grow {
        @Says("Upwards")
        UP,
        @Says("Both ways")
        BOTH,
        @Says("Downwards")
        DOWN
    }

    /** Where the emoji of a word stands. */
    public enum Beside {
        @Says("Before the word")
        BEFORE,
        @Says("After the word")
        AFTER,
        @Says("Above the word")
        ABOVE,
        @Says("Over the word")
        OVER
    }

    /** What happens to a line that is wider than the widest line. */
    public enum Fit {
        /** The whole cue is set smaller. */
        @Says("Shrink the cue")
        CUE,
        /** Only the word that is too long is. */
        @Says("Shrink the word")
        WORD,
        /** All cues are, alike. */
        @Says("Shrink all alike")
        ALL,
        /** The cue is broken into more lines; if that does not help, it is set smaller. */
        @Says("Break into more lines")
        BREAK,
        /** A word that is too long is divided at a syllable; if that does not help, the cue is set smaller. */
        @Says("Hyphenate the word")
        HYPHENATE
    }
}
