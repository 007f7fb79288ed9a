package saltdrum.server.store;

/** What a piece of long work gives. */
public enum JobKind {
    PREPARE,
    WORDS,
    RENDER,
    /** What checks look at. */
    MEASURE
}
