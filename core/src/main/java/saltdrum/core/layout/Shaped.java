package saltdrum.core.layout;

import java.util.List;
import saltdrum.core.plane.Box;

/**
 * A shaped word, in 1/1000 em from the start of its baseline.
 *
 * @param ink of all its glyphs; an empty box when it has none
 * @param missing characters that no font has: they have no glyph; empty for none
 */
public record Shaped(List<Glyph> glyphs, double advance, Box ink, String missing) {
    public record Glyph(String key, double x, double y, double advance) {}

    /** The same with room between letters; a glyph without advance (a combining mark) stays with its letter. */
    public Shaped spaced(double by) {
        if (by == 0 || glyphs.isEmpty()) {
            return this;
        }
        java.util.ArrayList<Glyph> moved = new java.util.ArrayList<>();
        double shift = 0;
        for (Glyph glyph : glyphs) {
            if (!moved.isEmpty() && glyph.advance() > 0) {
                shift += by;
            }
            moved.add(new Glyph(glyph.key(), glyph.x() + shift, glyph.y(), glyph.advance()));
        }
        return new Shaped(
                List.copyOf(moved),
                advance + shift,
                new Box(ink.x(), ink.y(), Math.max(0, ink.width() + shift), ink.height()),
                missing);
    }
}
