package saltdrum.core.scene;

import java.util.Arrays;
import java.util.stream.Stream;
import saltdrum.core.plane.Box;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Tracks;

/** The bounds of a mark's ink over all times of its tracks: the hull of their ranges. */
final class AnimatedBounds {
    private final double[] x = {0, 0};
    private final double[] y = {0, 0};
    private final double[] scale = {1, 1};
    private final double[] rotation;
    private final double[] blur = {0, 0};

    private AnimatedBounds(double tilt) {
        this.rotation = new double[] {tilt, tilt};
    }

    /** @param each what the group around it does to all its children; null for nothing */
    static Box of(Mark mark, Tracks each) {
        AnimatedBounds sweep = new AnimatedBounds(mark.pose().tilt());
        Stream.of(mark.tracks(), each)
                .filter(tracks -> tracks != null)
                .flatMap(tracks -> tracks.numbers().stream())
                .forEach(sweep::add);
        return sweep.of(ink(mark), mark.pose());
    }

    private static Box ink(Mark mark) {
        if (!(mark instanceof Mark.Group group)) {
            return InkBounds.leaf(mark);
        }
        return group.marks().stream()
                .map(child -> of(child, group.each()))
                .reduce(Box::union)
                .orElse(Box.EMPTY);
    }

    private void add(NumberTrack track) {
        double[] range = track.range();
        switch (track.property()) {
            case X -> add(x, range);
            case Y -> add(y, range);
            case ROTATION -> add(rotation, range);
            case BLUR -> add(blur, range);
            case SCALE -> multiply(scale, range);
            case OPACITY, EXTENT, INSET_LEFT, INSET_TOP, INSET_RIGHT, INSET_BOTTOM -> {}
        }
    }

    private Box of(Box ink, Pose pose) {
        Box blurred = ink.grown(3 * Math.max(0, blur[1]));
        double[] reachX = {Double.MAX_VALUE, -Double.MAX_VALUE};
        double[] reachY = reachX.clone();
        for (double dx : new double[] {blurred.x() - pose.pivotX(), blurred.right() - pose.pivotX()}) {
            for (double dy : new double[] {blurred.y() - pose.pivotY(), blurred.bottom() - pose.pivotY()}) {
                double far = Math.hypot(dx, dy);
                double angle = Math.toDegrees(Math.atan2(dy, dx));
                widen(reachX, far, angle);
                // The sine is the cosine a quarter turn before.
                widen(reachY, far, angle - 90);
            }
        }
        return Box.ofEdges(
                pose.pivotX() + x[0] + reachX[0],
                pose.pivotY() + y[0] + reachY[0],
                pose.pivotX() + x[1] + reachX[1],
                pose.pivotY() + y[1] + reachY[1]);
    }

    /**
     * Widens {@code reach} to all values of scale · far · cos(angle + turn). A cosine is extreme at the ends of the turn
     * and at every half turn between; the scale is at its ends.
     */
    private void widen(double[] reach, double far, double angle) {
        double from = angle + rotation[0];
        double to = angle + rotation[1];
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
