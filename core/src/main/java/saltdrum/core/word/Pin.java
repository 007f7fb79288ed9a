package saltdrum.core.word;

/** A person's decision about the boundary before a word. Re-breaking respects it until it is released. */
public enum Pin {
    FREE,
    CUE_BREAK,
    LINE_BREAK,
    TOGETHER
}
