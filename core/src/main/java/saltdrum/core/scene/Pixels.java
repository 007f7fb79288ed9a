package saltdrum.core.scene;

import java.util.List;

/**
 * A square picture of pixels at one of its sizes.
 *
 * @param side of it, pixels
 * @param png the whole PNG file (ISO/IEC 15948) in Base64, colours in sRGB
 */
public record Pixels(int side, String png) {
    public Pixels {
        if (side < 1) {
            throw new IllegalArgumentException("a side of a picture is at least 1, not " + side);
        }
    }

    /**
     * The size to draw of: drawn smaller than half of it, it would flicker.
     *
     * @param sizes the largest first, not empty
     * @param side output pixels it is drawn at
     * @return the smallest that is no smaller, else the largest there is
     */
    public static Pixels fitting(List<Pixels> sizes, double side) {
        Pixels fitting = sizes.get(0);
        for (Pixels one : sizes) {
            if (one.side >= side) {
                fitting = one;
            }
        }
        return fitting;
    }
}
