package saltdrum.media.paint;

/**
 * How a video writes colours as luma and two colour differences, 8 bits each.
 *
 * @param red share of red in luma
 * @param blue share of blue in luma
 * @param fullRange 0 to 255; else luma runs from 16 to 235 and differences from 16 to 240
 */
public record VideoColours(double red, double blue, boolean fullRange) {
    /** ITU-R BT.601: standard definition. */
    public static VideoColours bt601(boolean fullRange) {
        return new VideoColours(0.299, 0.114, fullRange);
    }

    /** ITU-R BT.709: high definition. */
    public static VideoColours bt709(boolean fullRange) {
        return new VideoColours(0.2126, 0.0722, fullRange);
    }

    /** ITU-R BT.2020, non-constant luminance. */
    public static VideoColours bt2020(boolean fullRange) {
        return new VideoColours(0.2627, 0.0593, fullRange);
    }
}
