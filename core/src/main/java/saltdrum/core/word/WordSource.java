package saltdrum.core.word;

/**
 * Where a word's text and time came from. {@code ESTIMATED} times were worked out, not measured; {@code NOT_FOUND} words
 * stand in the script and were not heard;
 * {@code TRANSLATED} ones are a translator's, their times shared by syllable weight.
 */
public enum WordSource {
    RECOGNISED,
    ALIGNED,
    ESTIMATED,
    IMPORTED,
    TYPED,
    CONFIRMED,
    NOT_FOUND,
    TRANSLATED
}
