package saltdrum.core.colour;

/** How well one colour stands out from another (WCAG 2.2, “contrast ratio” and “relative luminance”). */
public final class Contrast {
    /** WCAG 2.2, success criterion 1.4.3: large text. */
    public static final double LARGE_TEXT = 3;

    private Contrast() {}

    /** 1 (none) to 21 (black and white); opacity is left out. */
    public static double ratio(String one, String other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    /** Relative luminance, 0 to 1. */
    public static double luminance(String colour) {
        int[] c = Colours.channels(colour);
        return 0.2126 * linear(c[0]) + 0.7152 * linear(c[1]) + 0.0722 * linear(c[2]);
    }

    /** @param channel 0 to 255 */
    public static double linear(int channel) {
        double s = channel / 255.0;
        return s <= 0.04045 ? s / 12.92 : Math.pow((s + 0.055) / 1.055, 2.4);
    }
}
