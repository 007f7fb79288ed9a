package saltdrum.core.scene;

import java.util.Arrays;
import java.util.List;

/** Where a cue's ink can be at any time: the hull of all its tracks, never too small. */
public final class InkBounds {
    private InkBounds() {}

    public static Box of(List<Mark> marks) {
        Box all = null;
        for (Mark mark : marks) {
            Box box = reach(mark);
            all = all == null ? box : all.union(box);
        }
        return all == null ? new Box(0, 0, 0, 0) : all.grown(2).rounded();
    }

    /** Where a mark's ink is in one state. */
    public static Box at(Mark mark, MarkState state) {
        double cos = Math.cos(Math.toRadians(state.rotation())) * state.scale();
        double sin = Math.sin(Math.toRadians(state.rotation())) * state.scale();
        Box ink = mark.ink();
        Box all = null;
        for (double x : new double[] {ink.x() - mark.pivotX(), ink.right() - mark.pivotX()}) {
            for (double y : new double[] {ink.y() - mark.pivotY(), ink.bottom() - mark.pivotY()}) {
                Box corner = new Box(
                        mark.pivotX() + state.x() + x * cos - y * sin,
                        mark.pivotY() + state.y() + x * sin + y * cos,
                        0,
                        0);
                all = all == null ? corner : all.union(corner);
            }
        }
        return all.grown(2);
    }

    private static Box reach(Mark mark) {
        double[] x = {0, 0};
        double[] y = {0, 0};
        double[] scale = {1, 1};
        double tilt = mark instanceof Mark.GlyphRun run ? run.tilt() : 0;
        double[] rotation = {tilt, tilt};
        for (PropertyTrack track : mark.tracks()) {
            double[] range = track.range();
            switch (track.property()) {
                case X -> add(x, range);
                case Y -> add(y, range);
                case ROTATION -> add(rotation, range);
                case SCALE -> multiply(scale, range);
                case OPACITY, EXTENT, FILL -> {}
            }
        }
        Box ink = mark.ink();
        double[] reachX = new double[2];
        double[] reachY = new double[2];
        for (double dx : new double[] {ink.x() - mark.pivotX(), ink.right() - mark.pivotX()}) {
            for (double dy : new double[] {ink.y() - mark.pivotY(), ink.bottom() - mark.pivotY()}) {
                double far = Math.hypot(dx, dy);
                double angle = Math.toDegrees(Math.atan2(dy, dx));
                sweep(reachX, far, angle, rotation, scale);
                // The sine is the cosine a quarter turn before.
                sweep(reachY, far, angle - 90, rotation, scale);
            }
        }
        return Box.ofEdges(
                mark.pivotX() + x[0] + reachX[0],
                mark.pivotY() + y[0] + reachY[0],
                mark.pivotX() + x[1] + reachX[1],
                mark.pivotY() + y[1] + reachY[1]);
    }

    /**
     * Widens {@code reach} to all values of scale · far · cos(angle + turn). A cosine is extreme at the ends of the turn
     * and at every half turn between; the scale is at its ends.
     */
    private static void sweep(double[] reach, double far, double angle, double[] turn, double[] scale) {
        double from = angle + turn[0];
        double to = angle + turn[1];
        double least = Math.min(Math.cos(Math.toRadians(from)), Math.cos(Math.toRadians(to)));
        double most = Math.max(Math.cos(Math.toRadians(from)), Math.cos(Math.toRadians(to)));
        if (Math.floor(to / 360) > Math.floor(from / 360)) {
            most = 1;
        }
        if (Math.floor((to - 180) / 360) > Math.floor((from - 180) / 360)) {
            least = -1;
        }
        for (double s : scale) {
            for (double c : new double[] {least, most}) {
                reach[0] = Math.min(reach[0], s * far * c);
                reach[1] = Math.max(reach[1], s * far * c);
            }
        }
    }

    private static void multiply(double[] product, double[] range) {
        double[] ends = {
            product[0] * range[0], product[0] * range[1], product[1] * range[0], product[1] * range[1],
        };
        product[0] = Arrays.stream(ends).min().orElseThrow();
        product[1] = Arrays.stream(ends).max().orElseThrow();
    }

    private static void add(double[] sum, double[] range) {
        sum[0] += range[0];
        sum[1] += range[1];
    }
}
