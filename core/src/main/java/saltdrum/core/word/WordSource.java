package saltdrum.core.word;

/** Where a word's text and time came from; {@code ESTIMATED} times were worked out, not measured. */
public enum WordSource {
    RECOGNISED,
    ALIGNED,
    ESTIMATED,
    IMPORTED,
    TYPED,
    CONFIRMED
}
