package saltdrum.core.scene;

import saltdrum.core.plane.Box;

/** Where a mark's ink is, design pixels: in one state, or at any time (see {@link AnimatedBounds}). Never too small. */
public final class InkBounds {
    /** Edges are smoothed a little outside a shape. */
    private static final double EDGE = 2;

    private InkBounds() {}

    /** Where the ink of marks is at any time, whole pixels. */
    public static Box of(Iterable<Mark> marks) {
        Box all = null;
        for (Mark mark : marks) {
            Box box = AnimatedBounds.of(mark, null);
            all = all == null ? box : all.union(box);
        }
        return all == null ? Box.EMPTY : all.grown(EDGE).rounded();
    }

    /** @param around the way of the groups around it */
    public static Box at(Mark mark, MarkState state, Affine around) {
        Affine way = around.of(Affine.of(mark.pose(), state));
        if (!(mark instanceof Mark.Group group)) {
            return way.of(leaf(mark)).grown(EDGE);
        }
        Box sharp = sharp(group, state, way);
        return sharp.equals(Box.EMPTY) ? sharp : sharp.grown(3 * state.blur() * way.scale());
    }

    /** Of a group before it is blurred. @param way its own and of the groups around it */
    public static Box sharp(Mark.Group group, MarkState state, Affine way) {
        Box all = null;
        for (int i = 0; i < group.marks().size(); i++) {
            Box box = at(group.marks().get(i), state.children().get(i), way);
            all = all == null ? box : all.union(box);
        }
        return all == null ? Box.EMPTY : all;
    }

    /** The ink at rest, with all coats, before the pose. */
    static Box leaf(Mark mark) {
        if (mark instanceof Mark.Glyphs glyphs) {
            return glyphs.ink();
        } else if (mark instanceof Mark.Picture picture) {
            return picture.ink();
        }
        Mark.Plate plate = (Mark.Plate) mark;
        return plate.coats().stream().map(layer -> layer.around(plate.box())).reduce(plate.box(), Box::union);
    }
}
