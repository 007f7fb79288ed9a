package saltdrum.core.scene;

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
                case SCALE -> {
                    scale[0] *= range[0];
                    scale[1] *= range[1];
                }
                case OPACITY, EXTENT, FILL -> {}
            }
        }
        Box ink = mark.ink();
        double left = ink.x() - mark.pivotX();
        double top = ink.y() - mark.pivotY();
        double right = ink.right() - mark.pivotX();
        double bottom = ink.bottom() - mark.pivotY();
        double most = Math.max(Math.abs(scale[0]), Math.abs(scale[1]));
        if (rotation[0] == 0 && rotation[1] == 0) {
            double least = Math.min(scale[0], scale[1]);
            return Box.ofEdges(
                    mark.pivotX() + x[0] + Math.min(left * most, left * least),
                    mark.pivotY() + y[0] + Math.min(top * most, top * least),
                    mark.pivotX() + x[1] + Math.max(right * most, right * least),
                    mark.pivotY() + y[1] + Math.max(bottom * most, bottom * least));
        }
        Box turned = null;
        double[] angles = {rotation[0], (rotation[0] + rotation[1]) / 2, rotation[1]};
        for (double angle : angles) {
            double cos = Math.cos(Math.toRadians(angle));
            double sin = Math.sin(Math.toRadians(angle));
            for (double px : new double[] {left, right}) {
                for (double py : new double[] {top, bottom}) {
                    Box corner = new Box(
                            mark.pivotX() + most * (px * cos - py * sin),
                            mark.pivotY() + most * (px * sin + py * cos),
                            0,
                            0);
                    turned = turned == null ? corner : turned.union(corner);
                }
            }
        }
        return Box.ofEdges(turned.x() + x[0], turned.y() + y[0], turned.right() + x[1], turned.bottom() + y[1])
                .grown(rotation[0] == rotation[1] ? 0 : 0.02 * Math.hypot(ink.width(), ink.height()));
    }

    private static void add(double[] sum, double[] range) {
        sum[0] += range[0];
        sum[1] += range[1];
    }
}
