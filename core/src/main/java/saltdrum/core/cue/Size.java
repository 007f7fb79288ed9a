package saltdrum.core.cue;

import saltdrum.core.BadInputException;

/** Width and height in pixels, both at least 2. */
public record Size(int width, int height) {
    /** Design pixels on a frame's short side. */
    public static final int DESIGN_SHORT_SIDE = 1080;

    public Size {
        if (width < 2 || height < 2) {
            throw new BadInputException("A picture of " + width + "x" + height + " is too small.");
        }
    }

    /** The same without an odd last row or column, which the delivery codec cannot hold. */
    public Size even() {
        return new Size(width & ~1, height & ~1);
    }

    /** The frame in design pixels: the short side is 1080. */
    public Size design() {
        double scale = (double) DESIGN_SHORT_SIDE / Math.min(width, height);
        return new Size((int) Math.round(width * scale), (int) Math.round(height * scale));
    }
}
