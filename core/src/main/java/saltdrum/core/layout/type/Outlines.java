package saltdrum.core.layout.type;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import saltdrum.core.scene.Mark;

/**
 * Path data by name: glyphs of the typesetter, glyphs that are drawn out in one direction, and drawings whose name is
 * their path. Safe for many threads.
 */
public final class Outlines {
    private static final char SWEPT = Mark.PlacedGlyph.SWEPT.charAt(0);
    private static final char DRAWN = '=';

    private final Typesetter typesetter;
    private final Map<String, String> swept = new ConcurrentHashMap<>();

    public Outlines(Typesetter typesetter) {
        this.typesetter = typesetter;
    }

    /** The name of a glyph that is drawn out by so much, 1/1000 em. */
    public static String swept(String glyph, long dx, long dy) {
        return SWEPT + "" + dx + "," + dy + SWEPT + glyph;
    }

    public static String drawn(String path) {
        return DRAWN + path;
    }

    public String of(String name) {
        if (name.charAt(0) == DRAWN) {
            return name.substring(1);
        }
        if (name.charAt(0) != SWEPT) {
            return typesetter.outline(name);
        }
        return swept.computeIfAbsent(name, this::sweptNow);
    }

    private String sweptNow(String name) {
        int end = name.indexOf(SWEPT, 1);
        String[] by = name.substring(1, end).split(",");
        return sweep(typesetter.outline(name.substring(end + 1)), Integer.parseInt(by[0]), Integer.parseInt(by[1]));
    }

    /**
     * All that a shape covers on its way: the shape, a shifted copy, and a quadrilateral an edge, all wound the way the
     * shape is, so that the nonzero rule fills them as one.
     */
    public static String sweep(String path, double dx, double dy) {
        List<List<double[]>> contours = Contours.of(path);
        double area = contours.stream().mapToDouble(Contours::area).sum();
        double turn = area < 0 ? -1 : 1;
        StringBuilder out = new StringBuilder();
        for (List<double[]> contour : contours) {
            put(out, contour, 0, 0);
            put(out, contour, dx, dy);
            for (int i = 0; i < contour.size(); i++) {
                double[] a = contour.get(i);
                double[] b = contour.get((i + 1) % contour.size());
                double cross = (b[0] - a[0]) * dy - (b[1] - a[1]) * dx;
                if (cross != 0) {
                    boolean along = cross * turn > 0;
                    double[] p = along ? a : b;
                    double[] q = along ? b : a;
                    List<double[]> quad = new ArrayList<>();
                    quad.add(p);
                    quad.add(q);
                    quad.add(new double[] {q[0] + dx, q[1] + dy});
                    quad.add(new double[] {p[0] + dx, p[1] + dy});
                    put(out, quad, 0, 0);
                }
            }
        }
        return out.toString();
    }

    private static void put(StringBuilder out, List<double[]> contour, double dx, double dy) {
        for (int i = 0; i < contour.size(); i++) {
            double[] p = contour.get(i);
            out.append(i == 0 ? 'M' : 'L').append(String.format(Locale.ROOT, "%.0f %.0f", p[0] + dx, p[1] + dy));
        }
        out.append('Z');
    }
}
