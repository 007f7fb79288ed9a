package saltdrum.core.emoji;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.apache.lucene.analysis.TokenStream;
import org.apache.lucene.analysis.core.KeywordTokenizer;
import org.apache.lucene.analysis.de.GermanMinimalStemFilter;
import org.apache.lucene.analysis.en.EnglishMinimalStemFilter;
import org.apache.lucene.analysis.es.SpanishPluralStemFilter;
import org.apache.lucene.analysis.fr.FrenchMinimalStemFilter;
import org.apache.lucene.analysis.it.ItalianLightStemFilter;
import org.apache.lucene.analysis.pt.PortugueseMinimalStemFilter;
import org.apache.lucene.analysis.tokenattributes.CharTermAttribute;

/** Reduces singular and plural to one form with Lucene's lightest stemmer of a language, if it has one. */
final class Stems {
    private static final Map<String, UnaryOperator<TokenStream>> BY_LANGUAGE = Map.of(
            "en", EnglishMinimalStemFilter::new,
            "de", GermanMinimalStemFilter::new,
            "es", SpanishPluralStemFilter::new,
            "fr", FrenchMinimalStemFilter::new,
            "it", ItalianLightStemFilter::new,
            "pt", PortugueseMinimalStemFilter::new);

    private final UnaryOperator<TokenStream> filter;

    Stems(String language) {
        this.filter = BY_LANGUAGE.getOrDefault(language, UnaryOperator.identity());
    }

    /** @param word in small letters */
    String of(String word) {
        if (word.isEmpty()) {
            return word;
        }
        KeywordTokenizer whole = new KeywordTokenizer();
        whole.setReader(new StringReader(word));
        try (TokenStream stream = filter.apply(whole)) {
            CharTermAttribute term = stream.addAttribute(CharTermAttribute.class);
            stream.reset();
            return stream.incrementToken() ? term.toString() : word;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
