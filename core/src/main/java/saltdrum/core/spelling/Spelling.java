package saltdrum.core.spelling;

import java.io.IOException;
import java.io.InputStream;
import java.text.ParseException;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import org.apache.lucene.analysis.hunspell.Dictionary;
import org.apache.lucene.analysis.hunspell.Hunspell;
import org.apache.lucene.analysis.hunspell.SuggestionTimeoutException;
import org.apache.lucene.store.ByteBuffersDirectory;
import saltdrum.core.BadInputException;
import saltdrum.core.word.Tokens;

/** Checks spelling by a Hunspell dictionary. Safe for many threads. */
public final class Spelling {
    private static final int MOST_SUGGESTIONS = 5;
    private static final int MOST_REMEMBERED = 20_000;

    private final List<Dictionary> dictionaries;
    private final Map<String, Boolean> known = new ConcurrentHashMap<>();

    private Spelling(List<Dictionary> dictionaries) {
        this.dictionaries = dictionaries;
    }

    /** Reads a dictionary; the streams are closed. */
    public Spelling(InputStream affixes, InputStream words) {
        this(List.of(read(affixes, words)));
    }

    private static Dictionary read(InputStream affixes, InputStream words) {
        try (affixes;
                words) {
            return new Dictionary(new ByteBuffersDirectory(), "spelling", affixes, words);
        } catch (IOException | ParseException | RuntimeException e) {
            throw new BadInputException("This spelling dictionary cannot be read.", e);
        }
    }

    /** The English dictionaries that ship, British and American: what either knows is right. */
    public static Spelling english() {
        return new Spelling(List.of(shipped("en-GB"), shipped("en-US")));
    }

    private static Dictionary shipped(String name) {
        return read(
                Spelling.class.getResourceAsStream(name + ".aff"), Spelling.class.getResourceAsStream(name + ".dic"));
    }

    /**
     * Whether a written word is in the dictionary or the glossary, or is not a word to check: a number, an address, a
     * sign. Each part of a hyphenated word is checked separately.
     *
     * @param glossary lower-case words of the client's terms
     */
    public boolean right(String token, Set<String> glossary) {
        String word = bare(token);
        if (word.isEmpty()
                || token.startsWith("#")
                || token.startsWith("@")
                || word.codePoints().anyMatch(Character::isDigit)) {
            return true;
        }
        if (inGlossary(word, glossary) || inDictionary(word)) {
            return true;
        }
        String[] parts = word.split("[-–—/]");
        Predicate<String> right = part -> part.isEmpty() || inGlossary(part, glossary) || inDictionary(part);
        return parts.length > 1 && List.of(parts).stream().allMatch(right);
    }

    private static boolean inGlossary(String word, Set<String> glossary) {
        String lower = word.toLowerCase(Locale.ROOT);
        return glossary.contains(lower)
                || lower.endsWith("'s") && glossary.contains(lower.substring(0, lower.length() - 2));
    }

    private boolean inDictionary(String word) {
        if (known.size() > MOST_REMEMBERED) {
            known.clear();
        }
        return known.computeIfAbsent(word, w -> {
            String lower = w.toLowerCase(Locale.ROOT);
            return dictionaries.stream()
                    .map(Hunspell::new)
                    .anyMatch(hunspell ->
                            // A word in capitals, or at a sentence's beginning, is right when its plain form is.
                            hunspell.spell(w) || hunspell.spell(lower));
        });
    }

    /** Up to five words that may have been meant, the likeliest first; none where the search takes too long. */
    public List<String> suggestions(String token) {
        String word = bare(token);
        if (word.isEmpty()) {
            return List.of();
        }
        try {
            return new Hunspell(dictionaries.get(0))
                    .suggest(word).stream().limit(MOST_SUGGESTIONS).toList();
        } catch (SuggestionTimeoutException e) {
            return e.getPartialResult() == null
                    ? List.of()
                    : e.getPartialResult().stream().limit(MOST_SUGGESTIONS).toList();
        }
    }

    /** The words of terms, as {@link #right} wants them. */
    public static Set<String> words(Collection<String> terms) {
        Set<String> words = new HashSet<>();
        for (String term : terms) {
            Tokens.split(term).forEach(token -> words.add(bare(token).toLowerCase(Locale.ROOT)));
        }
        return words;
    }

    /** Without the punctuation around it, and with plain apostrophes. */
    private static String bare(String token) {
        return token.replace('’', '\'').replaceAll("^[^\\p{L}\\p{N}]+|[^\\p{L}\\p{N}]+$", "");
    }
}
