package saltdrum.server.store;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * Which clips are asked for.
 *
 * @param id of one clip, wherever it lies but among the removed; null for all of a shelf
 * @param terms folded: the clip's name, its client's or a word has to hold each of them
 * @param clientId null for any; 0 for the workshop's own
 */
public record ClipSearch(String id, List<String> terms, Long clientId, Shelf shelf) {
    private static final int MOST_TERMS = 12;

    static ClipSearch of(String id) {
        return new ClipSearch(id, List.of(), null, Shelf.HERE);
    }

    /** @param text words to look for, in any order, with spaces between; null or empty for none */
    public static ClipSearch of(String text, Long clientId, Shelf shelf) {
        List<String> terms = text == null
                ? List.of()
                : Arrays.stream(folded(text).strip().split("\\s+"))
                        .filter(term -> !term.isEmpty())
                        .limit(MOST_TERMS)
                        .toList();
        return new ClipSearch(null, terms, clientId, shelf);
    }

    /** Without accents and capitals: as it is searched. */
    static String folded(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
    }
}
