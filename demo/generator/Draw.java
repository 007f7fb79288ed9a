import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;

/** A small drawing kit on a page 1000 units wide. */
final class Draw {
    final Graphics2D g;
    final double width = 1000;
    final double height;

    Draw(Graphics2D g, int pixelWidth, int pixelHeight) {
        this.g = g;
        this.height = 1000.0 * pixelHeight / pixelWidth;
        g.scale(pixelWidth / 1000.0, pixelWidth / 1000.0);
    }

    static Color c(int rgb) {
        return new Color(rgb);
    }

    static Color c(int rgb, double alpha) {
        return new Color((rgb >> 16 & 255) / 255f, (rgb >> 8 & 255) / 255f, (rgb & 255) / 255f, (float) Math.max(0, Math.min(1, alpha)));
    }

    static int mix(int a, int b, double at) {
        double t = Math.max(0, Math.min(1, at));
        int r = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            int x = a >> shift & 255;
            int y = b >> shift & 255;
            r |= (int) Math.round(x + (y - x) * t) << shift;
        }
        return r;
    }

    /** 0 to 1 between two times, eased. */
    static double ease(double t, double from, double to) {
        double x = Math.max(0, Math.min(1, (t - from) / (to - from)));
        return x * x * (3 - 2 * x);
    }

    void sky(double top, double bottom, int above, int below) {
        g.setPaint(new GradientPaint(0, (float) top, c(above), 0, (float) bottom, c(below)));
        g.fill(new Rectangle2D.Double(0, top, width, bottom - top));
    }

    void fill(Shape shape, Color colour) {
        g.setPaint(colour);
        g.fill(shape);
    }

    void line(Shape shape, Color colour, double wide) {
        g.setPaint(colour);
        g.setStroke(new BasicStroke((float) wide, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(shape);
    }

    void glow(double x, double y, double radius, int colour, double alpha) {
        g.setPaint(new RadialGradientPaint(
                (float) x, (float) y, (float) radius, new float[] {0, 1}, new Color[] {c(colour, alpha), c(colour, 0)}));
        g.fill(circle(x, y, radius));
    }

    static Shape circle(double x, double y, double r) {
        return new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r);
    }

    static Shape oval(double x, double y, double rx, double ry) {
        return new Ellipse2D.Double(x - rx, y - ry, 2 * rx, 2 * ry);
    }

    static Shape box(double x, double y, double w, double h, double round) {
        return new RoundRectangle2D.Double(x, y, w, h, round, round);
    }

    /** A path of straight lines. */
    static Path2D poly(double... xy) {
        Path2D path = new Path2D.Double();
        path.moveTo(xy[0], xy[1]);
        for (int i = 2; i + 1 < xy.length; i += 2) {
            path.lineTo(xy[i], xy[i + 1]);
        }
        path.closePath();
        return path;
    }

    /** A band of water: its upper edge is a slow wave, its lower edge the page's. */
    Path2D wave(double y, double swell, double length, double phase) {
        Path2D path = new Path2D.Double();
        path.moveTo(-20, height + 10);
        for (double x = -20; x <= width + 20; x += 10) {
            path.lineTo(x, y + swell * Math.sin(x / length + phase) + 0.4 * swell * Math.sin(x / (length * 0.41) - phase * 1.3));
        }
        path.lineTo(width + 20, height + 10);
        path.closePath();
        return path;
    }

    void turned(double x, double y, double degrees, Runnable work) {
        AffineTransform before = g.getTransform();
        g.translate(x, y);
        g.rotate(Math.toRadians(degrees));
        work.run();
        g.setTransform(before);
    }
}
