package saltdrum.media.emoji;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UProperty;
import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds the emoji in a text: grapheme clusters (UAX #29, by ICU) that are shown as emoji by default or because a variation
 * sign or a joiner says so (UTS #51). A sequence that no drawing has falls into its parts.
 */
public final class EmojiText {
    private static final int VARIATION = 0xFE0F;
    private static final int KEYCAP = 0x20E3;
    private static final String JOINER = "\u200D";

    private EmojiText() {}

    /** @param emoji the name of its drawing; null for plain text */
    public record Piece(String text, String emoji) {}

    public static List<Piece> pieces(String text) {
        if (text.codePoints().noneMatch(EmojiText::canBe)) {
            return List.of(new Piece(text, null));
        }
        List<Piece> pieces = new ArrayList<>();
        StringBuilder plain = new StringBuilder();
        BreakIterator clusters = BreakIterator.getCharacterInstance();
        clusters.setText(text);
        int from = 0;
        for (int to = clusters.next(); to != BreakIterator.DONE; to = clusters.next()) {
            String cluster = text.substring(from, to);
            from = to;
            List<Piece> found = shown(cluster) ? drawn(cluster) : List.of();
            if (found.isEmpty()) {
                plain.append(cluster);
            } else {
                close(plain, pieces);
                pieces.addAll(found);
            }
        }
        close(plain, pieces);
        return pieces;
    }

    private static void close(StringBuilder plain, List<Piece> pieces) {
        if (!plain.isEmpty()) {
            pieces.add(new Piece(plain.toString(), null));
            plain.setLength(0);
        }
    }

    private static boolean canBe(int c) {
        return c >= 0xA9 && UCharacter.hasBinaryProperty(c, UProperty.EMOJI) || c == VARIATION || c == KEYCAP;
    }

    private static boolean shown(String cluster) {
        int first = cluster.codePointAt(0);
        return UCharacter.hasBinaryProperty(first, UProperty.EMOJI)
                && (UCharacter.hasBinaryProperty(first, UProperty.EMOJI_PRESENTATION)
                        || cluster.codePoints()
                                .skip(1)
                                .anyMatch(c -> c == VARIATION
                                        || c == KEYCAP
                                        || UCharacter.hasBinaryProperty(c, UProperty.EMOJI_MODIFIER)
                                        || c == JOINER.charAt(0)));
    }

    private static List<Piece> drawn(String cluster) {
        Optional<String> whole = Emoji.shipped().named(cluster);
        if (whole.isPresent()) {
            return List.of(new Piece(cluster, whole.get()));
        }
        List<Piece> parts = new ArrayList<>();
        for (String part : cluster.split(JOINER)) {
            Optional<String> known =
                    part.isEmpty() ? Optional.empty() : Emoji.shipped().named(part);
            if (known.isEmpty()) {
                return List.of();
            }
            parts.add(new Piece(part, known.get()));
        }
        return parts;
    }
}
