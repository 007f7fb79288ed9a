package saltdrum.media.emoji;

import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import saltdrum.core.text.EmojiRule;

/**
 * Finds the emoji in a text: grapheme clusters (UAX #29, by ICU) that {@link EmojiRule} takes for such. A sequence that no drawing has falls into its parts.
 */
public final class EmojiText {
    private static final String JOINER = "\u200D";

    private EmojiText() {}

    /** @param emoji the name of its drawing; null for plain text */
    public record Piece(String text, String emoji) {}

    public static List<Piece> pieces(String text) {
        if (!EmojiRule.anyIn(text)) {
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
            List<Piece> found = EmojiRule.shown(cluster) ? drawn(cluster) : List.of();
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
