package saltdrum.core.text;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UProperty;
import com.ibm.icu.text.BreakIterator;
import java.util.regex.Pattern;

/**
 * What is shown as an emoji: a character that is by default, or one that a variation sign, a keycap, a skin or a joiner
 * makes one (UTS #51).
 */
public final class EmojiRule {
    private static final int VARIATION = 0xFE0F;
    private static final int KEYCAP = 0x20E3;
    private static final int JOINER = 0x200D;

    /** Prefix of a sticker's name. A sticker is an uploaded drawing and can be used like an emoji. */
    public static final String STICKER = "sticker:";

    private static final Pattern NAME_OF_STICKER = Pattern.compile(STICKER + "[0-9a-f]{12}");

    private EmojiRule() {}

    public static boolean sticker(String text) {
        return NAME_OF_STICKER.matcher(text).matches();
    }

    /** Whether any of it can be part of one: most text has none such, and need not be looked at closer. */
    public static boolean anyIn(String text) {
        return text.codePoints()
                .anyMatch(c ->
                        c >= 0xA9 && UCharacter.hasBinaryProperty(c, UProperty.EMOJI) || c == VARIATION || c == KEYCAP);
    }

    /** @param cluster one character for a reader (UAX #29) */
    public static boolean shown(String cluster) {
        int first = cluster.codePointAt(0);
        return UCharacter.hasBinaryProperty(first, UProperty.EMOJI)
                && (UCharacter.hasBinaryProperty(first, UProperty.EMOJI_PRESENTATION)
                        || cluster.codePoints()
                                .skip(1)
                                .anyMatch(c -> c == VARIATION
                                        || c == KEYCAP
                                        || UCharacter.hasBinaryProperty(c, UProperty.EMOJI_MODIFIER)
                                        || c == JOINER));
    }

    /** Whether a text is one emoji and nothing else. */
    public static boolean one(String text) {
        BreakIterator clusters = BreakIterator.getCharacterInstance();
        clusters.setText(text);
        return !text.isEmpty() && clusters.next() == text.length() && shown(text);
    }
}
