package saltdrum.core.word;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Text to words: where one ends, and when two are the same word to the ear. */
public final class Tokens {
    private Tokens() {}

    /**
     * The words of a text in order. A no-break space does not end a word; a mark between spaces that may not begin or
     * end a line is joined to its word. In scripts without spaces words are found by a dictionary; a space between
     * two phrases of such a script is preserved as a no-break space. Empty for blank text.
     */
    public static List<String> split(String text) {
        List<String> words = new ArrayList<>();
        for (String piece : LineEnds.joined(pieces(text))) {
            boolean afterPhrase = !words.isEmpty()
                    && Scripts.phrased(piece.codePointAt(0))
                    && words.get(words.size() - 1).codePoints().anyMatch(Scripts::phrased);
            if (afterPhrase) {
                words.set(words.size() - 1, words.get(words.size() - 1) + LineEnds.NO_BREAK_SPACE);
            }
            words.addAll(Scripts.words(piece));
        }
        return words;
    }

    /** Whether a character ends a word, at any position. */
    public static boolean ends(int codePoint) {
        return codePoint == 0xFEFF || Word.separates(codePoint) || Character.isWhitespace(codePoint);
    }

    /** Splits at spaces. */
    private static List<String> pieces(String text) {
        List<String> tokens = new ArrayList<>();
        StringBuilder token = new StringBuilder();
        text.codePoints().filter(c -> c != 0xFEFF).forEach(c -> {
            if (!Word.separates(c)) {
                token.appendCodePoint(c);
            } else if (!token.isEmpty()) {
                tokens.add(token.toString());
                token.setLength(0);
            }
        });
        if (!token.isEmpty()) {
            tokens.add(token.toString());
        }
        tokens.removeIf(String::isBlank);
        return tokens;
    }

    /** Lower case letters and digits only, so that “Friday,” and “FRIDAY” compare equal. */
    public static String normalised(String token) {
        String folded = Normalizer.normalize(token, Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
        StringBuilder kept = new StringBuilder();
        folded.codePoints().filter(Character::isLetterOrDigit).forEach(kept::appendCodePoint);
        return kept.isEmpty() ? folded : kept.toString();
    }
}
