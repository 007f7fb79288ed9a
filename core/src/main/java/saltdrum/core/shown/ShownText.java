package saltdrum.core.shown;

import com.ibm.icu.lang.UCharacter;
import java.util.Locale;
import saltdrum.core.look.FacetChoices.Punctuation;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;

/** What of a word is on the screen, as its look wants it. */
public final class ShownText {
    private ShownText() {}

    /**
     * @param text of the word, or of a part of it
     * @param language BCP 47 tag
     */
    public static String of(String text, Look look, String language) {
        String shown = Amounts.shown(text, look.get(Facets.MONEY_SIGN), language);
        shown = look.get(Facets.PUNCTUATION) == Punctuation.NONE ? Stops.hidden(shown) : shown;
        shown = switch (look.get(Facets.QUOTES)) {
            case AS_WRITTEN -> shown;
            case STRAIGHT -> Quotes.straight(shown);
            case CURLY -> Quotes.curly(shown, language);
        };
        Locale locale = Locale.forLanguageTag(language);
        return switch (look.get(Facets.LETTERS)) {
            case AS_WRITTEN -> shown;
            case UPPER -> shown.toUpperCase(locale);
            case LOWER -> shown.toLowerCase(locale);
            case TITLE -> UCharacter.toTitleCase(locale, shown, null);
        };
    }

    /** The text of a word that ends a line, before {@link #of}. */
    public static String atLineEnd(String text, Look look) {
        return look.get(Facets.PUNCTUATION) == Punctuation.LINE_ENDS ? Stops.hidden(text) : text;
    }
}
