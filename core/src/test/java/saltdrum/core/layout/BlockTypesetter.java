package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.layout.type.FaceMetrics;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.layout.type.Typesetter;
import saltdrum.core.look.Face;
import saltdrum.core.plane.Box;

/** A typesetter for tests: every letter is a block of half an em, 0.7 em high; one emoji has a drawing. */
public class BlockTypesetter implements Typesetter {
    @Override
    public ShapedWord shape(String text, Face face, String language) {
        List<ShapedWord.Glyph> glyphs = new ArrayList<>();
        for (int i = 0; i < text.length(); i++) {
            glyphs.add(new ShapedWord.Glyph("g" + text.charAt(i), 500.0 * i, 0, 500));
        }
        return new ShapedWord(glyphs, 500.0 * text.length(), new Box(0, -700, 500.0 * text.length(), 700), "");
    }

    @Override
    public FaceMetrics metrics(Face face) {
        return new FaceMetrics(700, 250);
    }

    @Override
    public String drawing(String emoji) {
        return emoji.equals("🔔") ? "bell" : null;
    }

    @Override
    public String outline(String glyph) {
        return "M0 0L500 0L500 -700L0 -700Z";
    }
}
