package saltdrum.server.store.clip;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import saltdrum.server.store.media.Shelf;

/**
 * A query for clips.
 *
 * @param id of one clip on any shelf but the removed; null for all of a shelf
 * @param terms folded: each has to occur in the clip's name, its client's name or its words
 * @param clientId null for any; 0 for the workshop's own
 */
public record ClipSearch(String id, List<String> terms, Long clientId, Shelf shelf) {
    private static final int MOST_TERMS = 12;

    static ClipSearch of(String id) {
        return new ClipSearch(id, List.of(), null, Shelf.HERE);
    }

    /** @param text words to search for, in any order, separated by spaces; null or empty for none */
    public static ClipSearch of(String text, Long clientId, Shelf shelf) {
        List<String> terms = text == null
                ? List.of()
                : Arrays.stream(folded(text).strip().split("\\s+"))
                        .filter(term -> !term.isEmpty())
                        .limit(MOST_TERMS)
                        .toList();
        return new ClipSearch(null, terms, clientId, shelf);
    }

    /** Folds accents and case for searching. */
    static String folded(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
    }
}
