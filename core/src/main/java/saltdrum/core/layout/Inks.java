package saltdrum.core.layout;

import static saltdrum.core.layout.type.Rounding.hundredth;

import saltdrum.core.look.Ink;
import saltdrum.core.paint.Paint;
import saltdrum.core.plane.Box;

/** Converts inks, which are relative to what they fill, to paints with absolute positions. */
final class Inks {
    private Inks() {}

    static Paint paint(Ink ink, Box across) {
        if (ink instanceof Ink.Blend blend) {
            return blend.round() ? round(blend, across) : along(blend, across);
        }
        return new Paint.Solid(ink.colour());
    }

    /**
     * A line through the box's middle, just so long that its ends meet the corners (CSS Images 3, §3.1.1: |w sin a| +
     * |h cos a|).
     */
    private static Paint along(Ink.Blend blend, Box box) {
        double angle = Math.toRadians(blend.angle());
        double half = (Math.abs(box.width() * Math.sin(angle)) + Math.abs(box.height() * Math.cos(angle))) / 2;
        double x = box.x() + box.width() / 2;
        double y = box.y() + box.height() / 2;
        double dx = Math.sin(angle) * half;
        double dy = -Math.cos(angle) * half;
        return new Paint.Linear(
                hundredth(x - dx), hundredth(y - dy), hundredth(x + dx), hundredth(y + dy), blend.stops());
    }

    private static Paint round(Ink.Blend blend, Box box) {
        return new Paint.Radial(
                hundredth(box.x() + box.width() / 2),
                hundredth(box.y() + box.height() / 2),
                hundredth(Math.max(1, Math.hypot(box.width(), box.height()) / 2)),
                blend.stops());
    }
}
