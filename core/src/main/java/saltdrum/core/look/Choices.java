package saltdrum.core.look;

/** What a facet with a few choices can be. */
public final class Choices {
    private Choices() {}

    public enum Letters {
        AS_WRITTEN,
        UPPER,
        LOWER,
        TITLE
    }

    public enum Align {
        START,
        CENTRE,
        END
    }

    /** Where a block of lines goes from its place when it has more or fewer of them. */
    public enum Grow {
        UP,
        BOTH,
        DOWN
    }

    /** What happens to a line that is wider than the widest line. */
    public enum Fit {
        /** The whole cue is set smaller. */
        CUE,
        /** Only the word that is too long is. */
        WORD,
        /** All cues are, alike. */
        ALL,
        /** The cue is broken into more lines; if that does not help, it is set smaller. */
        BREAK,
        /** A word that is too long is divided at a syllable; if that does not help, the cue is set smaller. */
        HYPHENATE
    }
}
