package saltdrum.core.shown;

import com.ibm.icu.util.LocaleData;
import com.ibm.icu.util.ULocale;
import java.util.Locale;
import java.util.Set;

/** Straight and curly quotation marks and apostrophes. Curly ones are those of the language (CLDR delimiters). */
final class Quotes {
    private static final String APOSTROPHE = "\u2019";
    /** Words that begin with an apostrophe, not with a quotation. */
    private static final Set<String> ELIDED =
            Set.of("tis", "twas", "twere", "twill", "em", "cause", "bout", "round", "til", "till", "n", "neath");

    private Quotes() {}

    static String straight(String word) {
        return word.replaceAll("[\u201C\u201D\u201E\u201F]", "\"").replaceAll("[\u2018\u2019\u201A\u201B]", "'");
    }

    static String curly(String word, String language) {
        LocaleData locale = LocaleData.getInstance(ULocale.forLanguageTag(language));
        String open = locale.getDelimiter(LocaleData.QUOTATION_START);
        String close = locale.getDelimiter(LocaleData.QUOTATION_END);
        String openInner = locale.getDelimiter(LocaleData.ALT_QUOTATION_START);
        String closeInner = locale.getDelimiter(LocaleData.ALT_QUOTATION_END);
        StringBuilder curly = new StringBuilder();
        for (int i = 0; i < word.length(); i++) {
            char letter = word.charAt(i);
            boolean begins = word.substring(0, i).chars().noneMatch(Character::isLetterOrDigit);
            boolean more = word.substring(i + 1).chars().anyMatch(Character::isLetterOrDigit);
            if (letter == '"') {
                curly.append(begins && more ? open : close);
            } else if (letter == '\'' && begins && more) {
                curly.append(elided(word.substring(i + 1)) ? APOSTROPHE : openInner);
            } else if (letter == '\'') {
                curly.append(!more && begun(word, i) ? closeInner : APOSTROPHE);
            } else {
                curly.append(letter);
            }
        }
        return curly.toString();
    }

    /** “'90s” and “'em” leave something out. */
    private static boolean elided(String rest) {
        String letters = rest.replaceAll("[^\\p{L}\\p{N}].*$", "").toLowerCase(Locale.ROOT);
        return letters.matches("\\d0s") || ELIDED.contains(letters) && !rest.matches(".*['\u2019]\\W*$");
    }

    /** Whether what this mark closes began in the same word; else it may be the plural's: “the boats'”. */
    private static boolean begun(String word, int at) {
        return word.substring(0, at).matches("^\\W*'.*");
    }
}
