package saltdrum.core.scene;

import saltdrum.core.plane.Box;

/** (x, y) becomes (a·x + c·y + e, b·x + d·y + f). */
public record Affine(double a, double b, double c, double d, double e, double f) {
    public static final Affine NONE = new Affine(1, 0, 0, 1, 0, 0);

    /** A mark's own way: scaled and turned about its pivot, then shifted. */
    public static Affine of(Pose pose, MarkState state) {
        double turn = (pose.tilt() + state.rotation()) / 180 * Math.PI;
        double a = Math.cos(turn) * state.scale();
        double b = Math.sin(turn) * state.scale();
        double px = pose.pivotX();
        double py = pose.pivotY();
        return new Affine(a, b, -b, a, px + state.x() - a * px + b * py, py + state.y() - b * px - a * py);
    }

    /** First the inner one, then this. */
    public Affine of(Affine inner) {
        return new Affine(
                a * inner.a + c * inner.b,
                b * inner.a + d * inner.b,
                a * inner.c + c * inner.d,
                b * inner.c + d * inner.d,
                a * inner.e + c * inner.f + e,
                b * inner.e + d * inner.f + f);
    }

    /** The way back. */
    public Affine undone() {
        double det = a * d - b * c;
        return new Affine(d / det, -b / det, -c / det, a / det, (c * f - d * e) / det, (b * e - a * f) / det);
    }

    /** How many times longer things become; the mean where that differs by direction. */
    public double scale() {
        return Math.sqrt(Math.abs(a * d - b * c));
    }

    /** The smallest upright box about a box that went this way. */
    public Box of(Box box) {
        Box all = null;
        for (double x : new double[] {box.x(), box.right()}) {
            for (double y : new double[] {box.y(), box.bottom()}) {
                Box corner = new Box(a * x + c * y + e, b * x + d * y + f, 0, 0);
                all = all == null ? corner : all.union(corner);
            }
        }
        return all;
    }
}
