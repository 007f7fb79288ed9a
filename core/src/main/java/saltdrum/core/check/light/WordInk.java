package saltdrum.core.check.light;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import saltdrum.core.colour.Colours;
import saltdrum.core.colour.Contrast;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;

/**
 * How one word is painted at one time. Its shadows, outlines and fills may be in several marks, and its letters in marks
 * of their own: together they are what a reader sees.
 */
final class WordInk {
    /** A thinner ring does not count as an edge. Design pixels. */
    private static final double THINNEST = 1.2;
    /** Width of a stroke in parts of the letter's size; common in bold faces. */
    private static final double STROKE = 0.13;

    final long wordId;
    final Affine way;
    /** How many of the plates were painted before it. */
    final int over;

    private final TreeMap<Double, PaintLayer.Outline> outlines = new TreeMap<>(Comparator.reverseOrder());
    private final List<PaintLayer.Shadow> shadows = new ArrayList<>();
    private final List<Layered> fills = new ArrayList<>();
    /** Both null until they are settled. */
    private List<Layered> shades;

    private List<Layered> rings;
    private double size;
    private Box ink = Box.EMPTY;
    private double baseline;
    private double seen;

    /** A ring around the letter, or the letter itself. @param code lightness, 0 to 255 @param alpha of the colour */
    private record Layered(double code, double alpha) {}

    WordInk(long wordId, Affine way, int over) {
        this.wordId = wordId;
        this.way = way;
        this.over = over;
    }

    void add(Mark.Glyphs mark, MarkState state, double opacity) {
        size = Math.max(size, mark.size());
        baseline = mark.y();
        seen = Math.max(seen, opacity);
        ink = ink == Box.EMPTY ? mark.ink() : ink.union(mark.ink());
        PaintLayer.only(PaintLayer.Outline.class, mark.coats()).forEach(one -> outlines.put(one.width(), one));
        PaintLayer.only(PaintLayer.Shadow.class, mark.coats())
                .filter(one -> !shadows.contains(one))
                .forEach(shadows::add);
        PaintLayer.only(PaintLayer.Fill.class, mark.coats())
                .map(one -> state.fill() != null ? state.fill() : one.paint().middle())
                .map(colour -> new Layered(LightSamples.code(colour), alpha(colour)))
                .filter(one -> !fills.contains(one))
                .forEach(fills::add);
    }

    /** 0 to 1: of its clearest letter. */
    double seen() {
        return seen;
    }

    /** The bare letters with their outlines, before {@link #way}: from above the lower case to below the baseline. */
    Box letters() {
        double top = baseline - 0.75 * size;
        double bottom = baseline + 0.1 * size;
        Box both = ink.intersection(Box.ofEdges(ink.x(), top, ink.right(), bottom));
        return both.height() > 1 ? both.grown(widest()) : ink;
    }

    private double widest() {
        return outlines.isEmpty() ? 0 : outlines.firstKey();
    }

    /** What is beside the letters: the ground with their shadows. */
    private double shaded(double ground) {
        double shaded = ground;
        for (Layered layer : shades) {
            shaded = mixed(shaded, layer.code, layer.alpha);
        }
        return shaded;
    }

    /** Works out what is the same at all of its points, once it has all of its marks. */
    private void settle() {
        shades = shadows.stream()
                .map(shadow -> new Layered(
                        LightSamples.code(shadow.colour()),
                        alpha(shadow.colour()) * EdgeContrast.coverage(shadow, STROKE * size + 2 * widest())))
                .toList();
        rings = rings();
    }

    /**
     * The contrast of the best of its edges, for the worst of its fills: while a colour runs over a word it has two.
     *
     * <p>Where the word is partly transparent, it is so as a whole: its layers are painted first and then mixed with
     * what is under them.
     *
     * @param ground lightness of what is under it, 0 to 255
     */
    double contrast(double ground) {
        if (rings == null) {
            settle();
        }
        if (fills.isEmpty()) {
            return best(ground, null);
        }
        double least = Double.MAX_VALUE;
        for (Layered fill : fills) {
            least = Math.min(least, best(ground, fill));
        }
        return least;
    }

    private List<Layered> rings() {
        List<Layered> rings = new ArrayList<>();
        List<PaintLayer.Outline> widestFirst = List.copyOf(outlines.values());
        for (int i = 0; i < widestFirst.size(); i++) {
            double inner = i + 1 < widestFirst.size() ? widestFirst.get(i + 1).width() : 0;
            if (widestFirst.get(i).width() - inner >= THINNEST) {
                String colour = widestFirst.get(i).paint().middle();
                rings.add(new Layered(LightSamples.code(colour), alpha(colour)));
            }
        }
        return rings;
    }

    private double best(double ground, Layered letter) {
        double outer = shaded(ground);
        double best = 1;
        for (int i = 0; i < rings.size() + (letter == null ? 0 : 1); i++) {
            Layered ring = i < rings.size() ? rings.get(i) : letter;
            double inner = mixed(outer, ring.code, ring.alpha);
            best = Math.max(best, Contrast.ratio(luminance(ground, outer), luminance(ground, inner)));
            outer = inner;
        }
        return best;
    }

    private double luminance(double ground, double painted) {
        return LightSamples.luminance(mixed(ground, painted, seen));
    }

    static double mixed(double under, double over, double alpha) {
        return under + (over - under) * Math.min(1, alpha);
    }

    static double alpha(String colour) {
        return Colours.channels(colour)[3] / 255.0;
    }
}
