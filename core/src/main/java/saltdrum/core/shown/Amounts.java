package saltdrum.core.shown;

import com.ibm.icu.text.DecimalFormat;
import com.ibm.icu.text.NumberFormat;
import com.ibm.icu.util.Currency;
import com.ibm.icu.util.ULocale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.look.FacetChoices.MoneySign;

/** A sum of money in one word, with its sign before or after the figure, or by name. */
final class Amounts {
    private static final String FIGURE = "\\d(?:[\\d.,'\u2019\u00A0\u202F]*\\d)?";
    private static final Pattern AMOUNT = Pattern.compile("(?<head>[^\\p{L}\\p{N}$€£¥]*?)(?<minus>[-\u2212]?)"
            + "(?:(?<before>[$€£¥])(?<figure>" + FIGURE + ")|(?<number>" + FIGURE + ")[\u00A0\u202F]?(?<after>[$€£¥]))"
            + "(?<tail>[^\\p{L}\\p{N}$€£¥]*)");
    private static final Map<String, String> CODES = Map.of("$", "USD", "€", "EUR", "£", "GBP", "¥", "JPY");
    private static final Map<String, String[]> ENGLISH = Map.of(
            "$", new String[] {"dollar", "dollars"},
            "€", new String[] {"euro", "euros"},
            "£", new String[] {"pound", "pounds"},
            "¥", new String[] {"yen", "yen"});
    private static final String NO_BREAK = "\u00A0";

    private Amounts() {}

    /** A word that is no sum of money stays as it is. */
    static String shown(String word, MoneySign how, String language) {
        if (how == MoneySign.AS_WRITTEN) {
            return word;
        }
        Matcher amount = AMOUNT.matcher(word);
        if (!amount.matches()) {
            return word;
        }
        String sign = amount.group("before") == null ? amount.group("after") : amount.group("before");
        String figure = amount.group("figure") == null ? amount.group("number") : amount.group("figure");
        String minus = amount.group("minus");
        String money =
                switch (how) {
                    case AS_WRITTEN -> word;
                    case BY_LANGUAGE -> before(language) ? minus + sign + figure : minus + figure + NO_BREAK + sign;
                    case FIRST -> minus + sign + figure;
                    case LAST -> minus + figure + NO_BREAK + sign;
                    case NAME -> minus + figure + NO_BREAK + name(sign, figure, language);
                };
        return amount.group("head") + money + amount.group("tail");
    }

    /** Whether the language writes the sign before the figure (CLDR currency patterns). */
    private static boolean before(String language) {
        NumberFormat format = NumberFormat.getCurrencyInstance(ULocale.forLanguageTag(language));
        return !(format instanceof DecimalFormat pattern)
                || pattern.toPattern().indexOf('\u00A4') < pattern.toPattern().indexOf('0');
    }

    private static String name(String sign, String figure, String language) {
        boolean one = figure.equals("1");
        ULocale locale = ULocale.forLanguageTag(language);
        if (locale.getLanguage().equals("en")) {
            return ENGLISH.get(sign)[one ? 0 : 1];
        }
        return Currency.getInstance(CODES.get(sign))
                .getName(locale, Currency.PLURAL_LONG_NAME, one ? "one" : "other", null);
    }
}
