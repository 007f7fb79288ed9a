package saltdrum.core.layout;

import com.ibm.icu.text.Bidi;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.layout.type.JoiningScripts;
import saltdrum.core.layout.type.ShapedWord;

/** The letters of a word, each with the marks on it; a joined script has one, the word itself. */
final class Letters {
    private Letters() {}

    static List<List<ShapedWord.Glyph>> of(PlacedWord word) {
        return JoiningScripts.anyIn(word.word().text())
                ? List.of(word.shaped().glyphs())
                : clusters(word.shaped().glyphs());
    }

    private static List<List<ShapedWord.Glyph>> clusters(List<ShapedWord.Glyph> glyphs) {
        List<List<ShapedWord.Glyph>> clusters = new ArrayList<>();
        for (ShapedWord.Glyph glyph : glyphs) {
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
