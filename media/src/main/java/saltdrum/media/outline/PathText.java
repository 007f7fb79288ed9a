package saltdrum.media.outline;

import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.PathSegment;
import io.github.humbleui.types.Point;

/** Paths as SVG path data of moves, lines, quadratic and cubic curves, in tenths: what both painters read alike. */
public final class PathText {
    /** Halvings of a conic into quadratic curves: four of them are nearer than a tenth for any glyph. */
    private static final int HALVINGS = 2;

    private final StringBuilder out = new StringBuilder();

    private PathText() {}

    public static String of(Path path) {
        PathText text = new PathText();
        for (PathSegment segment : path) {
            if (segment != null) {
                text.add(segment);
            }
        }
        return text.out.toString();
    }

    private void add(PathSegment s) {
        switch (s.getVerb()) {
            case MOVE -> put('M', s.getP0());
            case LINE -> put('L', s.getP1());
            case QUAD -> put('Q', s.getP1(), s.getP2());
            case CUBIC -> put('C', s.getP1(), s.getP2(), s.getP3());
            case CONIC -> {
                Point[] quads = Path.convertConicToQuads(s.getP0(), s.getP1(), s.getP2(), s.getConicWeight(), HALVINGS);
                for (int i = 1; i + 1 < quads.length; i += 2) {
                    put('Q', quads[i], quads[i + 1]);
                }
            }
            case CLOSE -> out.append('Z');
            case DONE -> {}
        }
    }

    private void put(char verb, Point... points) {
        out.append(verb);
        for (int i = 0; i < points.length; i++) {
            out.append(i > 0 ? " " : "").append(plain(points[i].getX()));
            out.append(' ').append(plain(points[i].getY()));
        }
    }

    private static String plain(float value) {
        String text = Double.toString(Math.round(value * 10) / 10.0);
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }
}
