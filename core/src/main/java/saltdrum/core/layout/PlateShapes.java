package saltdrum.core.layout;

import java.util.Locale;

/** Outlines of plates other than boxes: path data in design pixels from their top left corner. */
final class PlateShapes {
    /** Height of a bubble's tail, em. */
    static final double TAIL = 0.5;

    private static final double TOOTH = 0.16;
    private static final double DEPTH = 0.13;

    private PlateShapes() {}

    /** A strip whose left and right edges are torn; the same size is always torn alike. */
    static String torn(double width, double height, double em) {
        int teeth = Math.max(2, (int) Math.round(height / (TOOTH * em)));
        StringBuilder path = new StringBuilder();
        put(path, 'M', depth(0, em), 0);
        put(path, 'L', width - depth(1, em), 0);
        for (int i = 1; i <= teeth; i++) {
            put(path, 'L', width - depth(2 + i, em), height * i / teeth);
        }
        for (int i = teeth; i > 0; i--) {
            put(path, 'L', depth(40 + i, em), height * i / teeth);
        }
        return closed(path, width / 2, height / 2);
    }

    private static double depth(int i, double em) {
        double noise = Math.abs(Math.sin(12.9898 * i + 4.1) * 43.7585) % 1;
        return noise * DEPTH * em;
    }

    /** A rounded box with a tail under it, a third from the left. */
    static String bubble(double width, double height, double radius, double em) {
        double r = Math.min(radius, Math.min(width, height) / 2);
        double tail = Math.max(r, Math.min(width - r - 0.6 * em, width / 3));
        StringBuilder path = new StringBuilder();
        put(path, 'M', r, 0);
        put(path, 'L', width - r, 0);
        put(path, 'Q', width, 0, width, r);
        put(path, 'L', width, height - r);
        put(path, 'Q', width, height, width - r, height);
        put(path, 'L', Math.min(width - r, tail + 0.55 * em), height);
        put(path, 'L', tail - 0.05 * em, height + TAIL * em);
        put(path, 'L', tail, height);
        put(path, 'L', r, height);
        put(path, 'Q', 0, height, 0, height - r);
        put(path, 'L', 0, r);
        put(path, 'Q', 0, 0, r, 0);
        return closed(path, width / 2, height / 2);
    }

    /** With a stub inside: the two rasterisers draw a path of one contour differently without. */
    private static String closed(StringBuilder path, double x, double y) {
        path.append('Z');
        put(path, 'M', x, y);
        put(path, 'L', x, y);
        return path.append('Z').toString();
    }

    private static void put(StringBuilder path, char verb, double... values) {
        path.append(verb);
        for (int i = 0; i < values.length; i++) {
            path.append(i > 0 ? " " : "").append(String.format(Locale.ROOT, "%.1f", values[i]));
        }
    }
}
