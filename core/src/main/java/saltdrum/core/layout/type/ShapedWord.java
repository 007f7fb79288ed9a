package saltdrum.core.layout.type;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import saltdrum.core.plane.Box;

/**
 * A shaped word, in 1/1000 em from the start of its baseline.
 *
 * @param pictures colour emoji between the letters
 * @param ink bounds of all its glyphs and pictures; an empty box if it has none
 * @param missing characters that no font has and that get no glyph; empty for none
 */
public record ShapedWord(List<Glyph> glyphs, List<Picture> pictures, double advance, Box ink, String missing) {
    public ShapedWord(List<Glyph> glyphs, double advance, Box ink, String missing) {
        this(glyphs, List.of(), advance, ink, missing);
    }

    public record Glyph(String key, double x, double y, double advance) {}

    /**
     * @param key as {@link Typesetter#picture} knows it
     * @param x its left edge
     * @param y its top edge
     * @param size its width and height
     */
    public record Picture(String key, double x, double y, double size) {}

    private record Edge(double x, boolean moves) {}

    /** The same with room between letters; a glyph without advance (a combining mark) stays with its letter. */
    public ShapedWord spaced(double by) {
        if (by == 0 || glyphs.isEmpty() && pictures.isEmpty()) {
            return this;
        }
        List<Edge> edges = Stream.concat(
                        glyphs.stream().map(glyph -> new Edge(glyph.x(), glyph.advance() > 0)),
                        pictures.stream().map(picture -> new Edge(picture.x(), true)))
                .filter(Edge::moves)
                .sorted(Comparator.comparingDouble(Edge::x))
                .toList();
        List<Glyph> letters = new ArrayList<>();
        for (Glyph glyph : glyphs) {
            // A combining mark is drawn over its letter, which may begin left or right of it.
            double at = glyph.advance() > 0 || letters.isEmpty()
                    ? glyph.x() + by * before(edges, glyph.x())
                    : glyph.x() + letters.get(letters.size() - 1).x() - original(glyphs, letters.size() - 1);
            letters.add(new Glyph(glyph.key(), at, glyph.y(), glyph.advance()));
        }
        List<Picture> moved = pictures.stream()
                .map(p -> new Picture(p.key(), p.x() + by * before(edges, p.x()), p.y(), p.size()))
                .toList();
        double shift = by * Math.max(0, edges.size() - 1);
        return new ShapedWord(
                List.copyOf(letters),
                moved,
                advance + shift,
                new Box(ink.x(), ink.y(), Math.max(0, ink.width() + shift), ink.height()),
                missing);
    }

    private static long before(List<Edge> edges, double x) {
        return edges.stream().filter(edge -> edge.x < x).count();
    }

    private static double original(List<Glyph> glyphs, int index) {
        return glyphs.get(index).x();
    }
}
