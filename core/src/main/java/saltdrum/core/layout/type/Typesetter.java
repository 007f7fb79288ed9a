package saltdrum.core.layout.type;

import java.util.List;
import saltdrum.core.look.Face;
import saltdrum.core.scene.PictureLayer;

/** The text shaper that layout uses. Lengths are in 1/1000 em, y down; answers are the same for the same question. */
public interface Typesetter {
    /** Shapes a text in one direction, with kerning and ligatures; a face that lacks a glyph is helped out by another. */
    ShapedWord shape(String text, Face face, String language);

    FaceMetrics metrics(Face face);

    /** Another number when the same question may get another answer, because fonts were added. */
    default int edition() {
        return 0;
    }

    /** The picture of one emoji, as {@link #picture} knows it; null for one that no set of drawings has. */
    default String drawing(String emoji) {
        return null;
    }

    /** Layers of a picture that {@link #shape} or {@link #drawing} named. */
    default List<PictureLayer> picture(String key) {
        return List.of();
    }

    /** SVG path data of a glyph that {@link #shape} named; empty for one without ink. */
    String outline(String glyph);
}
