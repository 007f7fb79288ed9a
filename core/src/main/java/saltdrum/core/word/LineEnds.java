package saltdrum.core.word;

import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Finds where a line may end: UAX #14, Unicode Line Breaking Algorithm, by ICU. A mark between spaces (“Bonjour !”,
 * “« Bonjour »”) that may not begin or end a line is joined to its word with a no-break space.
 */
final class LineEnds {
    static final char NO_BREAK_SPACE = '\u00A0';

    private LineEnds() {}

    static BreakIterator of(String text) {
        BreakIterator ends = BreakIterator.getLineInstance(Locale.ROOT);
        ends.setText(text);
        return ends;
    }

    /** Joins marks that are not words of their own to their word. */
    static List<String> joined(List<String> pieces) {
        if (pieces.size() < 2 || pieces.stream().allMatch(LineEnds::said)) {
            return pieces;
        }
        BreakIterator ends = of(String.join(" ", pieces));
        List<String> joined = new ArrayList<>();
        boolean lastSaid = false;
        int at = 0;
        for (String piece : pieces) {
            boolean said = said(piece);
            int last = joined.size() - 1;
            // Two spoken words are never joined, even if they begin or end with marks.
            if (at > 0 && !(said && lastSaid) && !ends.isBoundary(at)) {
                joined.set(last, joined.get(last) + NO_BREAK_SPACE + piece);
                lastSaid |= said;
            } else {
                joined.add(piece);
                lastSaid = said;
            }
            at += piece.length() + 1;
        }
        return joined;
    }

    private static boolean said(String piece) {
        return piece.codePoints().anyMatch(Character::isLetterOrDigit);
    }
}
