package saltdrum.core.motion;

import saltdrum.core.parts.Says;

/** What moves as one. */
public enum By {
    @Says("The cue")
    CUE,
    @Says("Each line")
    LINE,
    @Says("Each word")
    WORD,
    /** A letter with the marks on it; of a joined script the word. */
    @Says("Each letter")
    LETTER
}
