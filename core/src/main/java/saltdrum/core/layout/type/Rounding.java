package saltdrum.core.layout.type;

import saltdrum.core.plane.Box;

/** Rounds the lengths in a scene. */
public final class Rounding {
    private Rounding() {}

    /** Quarters are exact in a float, so that both painters add x and width to the same edge. */
    public static double quarter(double value) {
        return Math.round(value * 4) / 4.0;
    }

    /** Hundredths are finer than any pixel and short to write. */
    public static double hundredth(double value) {
        return Math.round(value * 100) / 100.0;
    }

    public static Box hundredth(Box box) {
        return new Box(hundredth(box.x()), hundredth(box.y()), hundredth(box.width()), hundredth(box.height()));
    }
}
