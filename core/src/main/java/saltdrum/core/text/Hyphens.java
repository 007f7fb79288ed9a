package saltdrum.core.text;

import java.util.List;

/** Where words may be divided. Safe for many threads. */
public interface Hyphens {
    /** For languages of which nothing is known: no word is ever divided. */
    Hyphens NONE = (word, language) -> List.of();

    /**
     * @param language BCP 47
     * @return indexes into the word before which a hyphen and a line break are allowed, rising; empty for none
     */
    List<Integer> points(String word, String language);
}
