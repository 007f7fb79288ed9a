package saltdrum.core.word;

/** What a hand said about the boundary before a word; re-breaking keeps it until it is released. */
public enum Pin {
    FREE,
    CUE_BREAK,
    LINE_BREAK,
    TOGETHER
}
