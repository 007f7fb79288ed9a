package saltdrum.core.shown;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.look.FacetChoices.Letters;
import saltdrum.core.look.FacetChoices.MoneySign;
import saltdrum.core.look.FacetChoices.Punctuation;
import saltdrum.core.look.FacetChoices.QuoteMarks;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;

class ShownTextTest {
    private static final LookPatch PLAIN = LookPatch.NONE;

    private static Look look(LookPatch patch) {
        return new Look(patch);
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '`',
            value = {
                "back.,back",
                "`sand,`,sand",
                "`back.”`,back”",
                "`(yes).`,(yes)",
                "really?,really?",
                "go!,go!",
                "wait…,wait…",
                "wait...,wait...",
                "3.5,3.5",
                "`1,000.`,`1,000`",
                "p.m.,p.m.",
                "Mr.,Mr",
                "です。,です",
                "नाव।,नाव",
                "قارب،,قارب",
                "-,-",
                ".,.",
            })
    void commasAndFullStopsAtLineEndsAreHidden(String word, String shown) {
        Look hidden = look(PLAIN.with(Facets.PUNCTUATION, Punctuation.LINE_ENDS));
        assertThat(ShownText.atLineEnd(word, hidden)).isEqualTo(shown);
        assertThat(ShownText.of(word, hidden, "en")).as("within a line").isEqualTo(word);
        assertThat(ShownText.of(word, look(PLAIN.with(Facets.PUNCTUATION, Punctuation.NONE)), "en"))
                .isEqualTo(shown);
        assertThat(ShownText.atLineEnd(word, look(PLAIN))).isEqualTo(word);
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '`',
            value = {
                "`\"Row`,“Row",
                "`home.\"`,home.”",
                "`\"Row\"`,“Row”",
                "don't,don’t",
                "'tis,’tis",
                "'90s,’90s",
                "`'Row'`,‘Row’",
                "boats',boats’",
                "`(\"yes\")`,(“yes”)",
                "`6\"`,6”",
            })
    void quotesBecomeCurly(String word, String shown) {
        assertThat(ShownText.of(word, look(PLAIN.with(Facets.QUOTES, QuoteMarks.CURLY)), "en"))
                .isEqualTo(shown);
    }

    /** Delimiters: Unicode CLDR, as ICU has them. */
    @ParameterizedTest
    @CsvSource({"de,„Ruder“", "fr,«Ruder»", "sv,”Ruder”", "ja,「Ruder」"})
    void curlyQuotesAreThoseOfTheLanguage(String language, String shown) {
        assertThat(ShownText.of("\"Ruder\"", look(PLAIN.with(Facets.QUOTES, QuoteMarks.CURLY)), language))
                .isEqualTo(shown);
    }

    @Test
    void quotesBecomeStraight() {
        Look straight = look(PLAIN.with(Facets.QUOTES, QuoteMarks.STRAIGHT));
        assertThat(ShownText.of("“don’t”", straight, "en")).isEqualTo("\"don't\"");
        assertThat(ShownText.of("« non »", straight, "fr")).isEqualTo("« non »");
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '`',
            value = {
                "$25,LAST,en,25\u00A0$",
                "25€,FIRST,en,€25",
                "`25 €,`,FIRST,en,`€25,`",
                "£25,NAME,en,25\u00A0pounds",
                "$1,NAME,en,1\u00A0dollar",
                "€25,BY_LANGUAGE,de,25\u00A0€",
                "25€,BY_LANGUAGE,en,€25",
                "`($3,500.50).`,LAST,en,`(3,500.50\u00A0$).`",
                "-$5,LAST,en,-5\u00A0$",
                "25,LAST,en,25",
                "$HOME,LAST,en,$HOME",
                "25%,FIRST,en,25%",
                "€25,NAME,de,25\u00A0Euro",
                "$25,AS_WRITTEN,de,$25",
            })
    void sumsOfMoneyHaveTheirSignWhereTheLookWantsIt(String word, MoneySign sign, String language, String shown) {
        assertThat(ShownText.of(word.replace(' ', '\u00A0'), look(PLAIN.with(Facets.MONEY_SIGN, sign)), language))
                .isEqualTo(shown.replace("\\u00A0", "\u00A0"));
    }

    @Test
    void lettersComeLast() {
        Look loud = look(PLAIN.with(Facets.MONEY_SIGN, MoneySign.NAME).with(Facets.LETTERS, Letters.UPPER));
        assertThat(ShownText.of("$25", loud, "en")).isEqualTo("25\u00A0DOLLARS");
    }
}
