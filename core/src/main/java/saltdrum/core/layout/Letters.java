package saltdrum.core.layout;

import com.ibm.icu.text.Bidi;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.layout.LineLayout.PlacedWord;

/** The letters of a word, each with the marks on it; a joined script has one, the word itself. */
final class Letters {
    private Letters() {}

    static List<List<Shaped.Glyph>> of(PlacedWord word) {
        return Joined.anyIn(word.word().text())
                ? List.of(word.shaped().glyphs())
                : clusters(word.shaped().glyphs());
    }

    private static List<List<Shaped.Glyph>> clusters(List<Shaped.Glyph> glyphs) {
        List<List<Shaped.Glyph>> clusters = new ArrayList<>();
        for (Shaped.Glyph glyph : glyphs) {
            if (clusters.isEmpty() || glyph.advance() > 0) {
                clusters.add(new ArrayList<>());
            }
            clusters.get(clusters.size() - 1).add(glyph);
        }
        return clusters.isEmpty() ? List.of(List.of()) : clusters;
    }

    static boolean leftwards(PlacedWord word) {
        return Bidi.getBaseDirection(word.word().text()) == Bidi.RTL;
    }
}
