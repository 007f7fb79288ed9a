package saltdrum.core.word;

/**
 * The origin of a word's text and time. {@code ESTIMATED} times were computed, not measured; {@code NOT_FOUND} words
 * are in the script but were not heard; {@code TRANSLATED} words come from a translator, their times shared by
 * syllable weight.
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
