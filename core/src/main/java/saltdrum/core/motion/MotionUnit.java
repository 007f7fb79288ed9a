package saltdrum.core.motion;

import saltdrum.core.parts.Label;

/** What moves as one. */
public enum MotionUnit {
    @Label("The cue")
    CUE,
    @Label("Each line")
    LINE,
    @Label("Each word")
    WORD,
    /** A letter with the marks on it; of a joined script the word. */
    @Label("Each letter")
    LETTER
}
