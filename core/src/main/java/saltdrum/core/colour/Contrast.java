package saltdrum.core.colour;

/** The contrast of two colours (WCAG 2.2, “contrast ratio” and “relative luminance”). */
public final class Contrast {
    /** WCAG 2.2, success criterion 1.4.3: large text. */
    public static final double LARGE_TEXT = 3;

    private Contrast() {}

    /** 1 (none) to 21 (black and white); opacity is left out. */
    public static double ratio(String one, String other) {
        return ratio(luminance(one), luminance(other));
    }

    /** Of two relative luminances, 0 to 1. */
    public static double ratio(double one, double other) {
        return (Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05);
    }

    /** The grey that has this relative luminance, as sRGB codes it: 0 to 255, the way back of {@link #linear}. */
    public static double coded(double luminance) {
        double s = luminance <= 0.0031308 ? 12.92 * luminance : 1.055 * Math.pow(luminance, 1 / 2.4) - 0.055;
        return 255 * s;
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
