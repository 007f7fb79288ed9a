package saltdrum.core.layout.type;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Path data (M, L, Q, C, Z, absolute) as closed polygons; curves become short straight pieces. */
public final class Contours {
    private static final Pattern TOKEN = Pattern.compile("[MLQCZ]|-?\\d+(?:\\.\\d+)?");
    private static final int PIECES = 6;

    private Contours() {}

    public static List<List<double[]>> of(String path) {
        List<List<double[]>> contours = new ArrayList<>();
        List<double[]> open = null;
        Matcher tokens = TOKEN.matcher(path);
        while (tokens.find()) {
            char verb = tokens.group().charAt(0);
            if (verb == 'M') {
                open = new ArrayList<>();
                contours.add(open);
                open.add(point(tokens));
            } else if (verb == 'L') {
                open.add(point(tokens));
            } else if (verb == 'Q' || verb == 'C') {
                double[] from = open.get(open.size() - 1);
                double[] a = point(tokens);
                double[] b = point(tokens);
                double[] to = verb == 'C' ? point(tokens) : b;
                for (int i = 1; i <= PIECES; i++) {
                    open.add(at((double) i / PIECES, verb == 'C', from, a, b, to));
                }
            }
        }
        contours.removeIf(contour -> contour.size() < 3);
        return contours;
    }

    private static double[] at(double t, boolean cubic, double[] p, double[] a, double[] b, double[] q) {
        double s = 1 - t;
        double[] point = new double[2];
        for (int i = 0; i < 2; i++) {
            point[i] = cubic
                    ? s * s * s * p[i] + 3 * s * s * t * a[i] + 3 * s * t * t * b[i] + t * t * t * q[i]
                    : s * s * p[i] + 2 * s * t * a[i] + t * t * q[i];
        }
        return point;
    }

    private static double[] point(Matcher tokens) {
        tokens.find();
        double x = Double.parseDouble(tokens.group());
        tokens.find();
        return new double[] {x, Double.parseDouble(tokens.group())};
    }

    /** Twice the area; its sign says which way round it goes. */
    public static double area(List<double[]> contour) {
        double area = 0;
        for (int i = 0; i < contour.size(); i++) {
            double[] a = contour.get(i);
            double[] b = contour.get((i + 1) % contour.size());
            area += a[0] * b[1] - b[0] * a[1];
        }
        return area;
    }
}
