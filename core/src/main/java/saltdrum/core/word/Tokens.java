package saltdrum.core.word;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Text to words: where one ends, and when two are the same word to the ear. */
public final class Tokens {
    private Tokens() {}

    /** The words of a text in order; a no-break space does not end a word. Empty for blank text. */
    public static List<String> split(String text) {
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
