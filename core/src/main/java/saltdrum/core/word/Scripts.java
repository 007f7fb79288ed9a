package saltdrum.core.word;

import com.ibm.icu.text.Bidi;
import com.ibm.icu.text.BreakIterator;
import java.lang.Character.UnicodeScript;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Scripts that write no space between words: Japanese, Chinese, Thai, Lao, Khmer, Burmese. Word boundaries are found
 * by ICU's dictionaries (UAX #29 word boundaries); two such words are written without a space.
 */
public final class Scripts {
    private static final Set<UnicodeScript> IDEOGRAPHIC =
            Set.of(UnicodeScript.HAN, UnicodeScript.HIRAGANA, UnicodeScript.KATAKANA);

    /** Scripts of South-East Asia, which write a space between phrases; it is preserved. */
    private static final Set<UnicodeScript> PHRASED =
            Set.of(UnicodeScript.THAI, UnicodeScript.LAO, UnicodeScript.KHMER, UnicodeScript.MYANMAR);

    private Scripts() {}

    static boolean withoutSpaces(int codePoint) {
        UnicodeScript script = UnicodeScript.of(codePoint);
        return IDEOGRAPHIC.contains(script) || PHRASED.contains(script);
    }

    static boolean phrased(int codePoint) {
        return PHRASED.contains(UnicodeScript.of(codePoint));
    }

    /** Whether a space is written between two adjacent words. */
    public static boolean spaced(String before, String after) {
        if (plain(before) || plain(after)) {
            return true;
        }
        int last = edge(before, false);
        int first = edge(after, true);
        return !(last >= 0 && first >= 0 && withoutSpaces(last) && withoutSpaces(first));
    }

    /** The words as they are written in a row. */
    public static String joined(List<String> words) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < words.size(); i++) {
            if (i > 0 && spaced(words.get(i - 1), words.get(i))) {
                text.append(' ');
            }
            text.append(words.get(i));
        }
        return text.toString();
    }

    /** Fast check that no letter is of these scripts: Thai, the first of them in Unicode, begins at U+0E00. */
    private static boolean plain(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) >= 0x0E00) {
                return false;
            }
        }
        return true;
    }

    /** First or last letter or digit, -1 where there is none. */
    private static int edge(String text, boolean first) {
        int[] letters = text.codePoints().filter(Character::isLetterOrDigit).toArray();
        return letters.length == 0 ? -1 : letters[first ? 0 : letters.length - 1];
    }

    /**
     * The words of a piece of text without spaces. A boundary has to be one by the dictionary and a line break
     * opportunity (UAX #14), so that no small kana or mark begins a word. A piece without letters is joined to the
     * word before it.
     */
    static List<String> words(String piece) {
        if (piece.codePoints().noneMatch(Scripts::withoutSpaces)) {
            return List.of(piece);
        }
        BreakIterator boundaries = BreakIterator.getWordInstance(Locale.ROOT);
        boundaries.setText(piece);
        BreakIterator lineEnds = LineEnds.of(piece);
        List<String> words = new ArrayList<>();
        int from = boundaries.first();
        for (int to = boundaries.next(); to != BreakIterator.DONE; to = boundaries.next()) {
            if (to < piece.length() && !lineEnds.isBoundary(to) && !betweenPhrases(piece, to)) {
                continue;
            }
            String part = piece.substring(from, to);
            from = to;
            if (words.isEmpty() || part.codePoints().anyMatch(Character::isLetterOrDigit)) {
                words.add(part);
            } else {
                words.set(words.size() - 1, words.get(words.size() - 1) + part);
            }
        }
        return words;
    }

    private static boolean betweenPhrases(String piece, int at) {
        return at > 1
                && piece.charAt(at - 1) == LineEnds.NO_BREAK_SPACE
                && phrased(piece.codePointBefore(at - 1))
                && phrased(piece.codePointAt(at));
    }

    /** Whether a text is read from right to left: by its first strong letter, as UAX #9 (rules P2, P3) has it. */
    public static boolean rightToLeft(String text) {
        return Bidi.getBaseDirection(text) == Bidi.RTL;
    }

    /** As {@link #joined}, of words. */
    public static String text(List<Word> words) {
        return joined(words.stream().map(Word::text).collect(Collectors.toList()));
    }
}
