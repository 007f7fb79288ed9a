package saltdrum.media.paint;

import java.util.Locale;

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

    /**
     * The colour to name where BT.601 of limited range is taken for granted, as ffmpeg's {@code pad} does, so that this
     * video's own numbers come out. A colour that BT.601 cannot say comes out as the nearest it can.
     *
     * @param hex {@code #RRGGBB}
     * @return {@code RRGGBB}
     */
    public String asBt601(String hex) {
        int rgb = Integer.parseInt(hex.substring(1), 16);
        double r = rgb >> 16 & 255;
        double g = rgb >> 8 & 255;
        double b = rgb & 255;
        double luma = red * r + (1 - red - blue) * g + blue * b;
        double towardsBlue = (b - luma) / (2 * (1 - blue));
        double towardsRed = (r - luma) / (2 * (1 - red));
        if (fullRange) {
            // What is 0 to 255 here is read as 16 to 235.
            luma = (luma - 16) * 255 / 219;
            towardsBlue = towardsBlue * 255 / 224;
            towardsRed = towardsRed * 255 / 224;
        }
        double asRed = luma + 1.402 * towardsRed;
        double asBlue = luma + 1.772 * towardsBlue;
        double asGreen = (luma - 0.299 * asRed - 0.114 * asBlue) / 0.587;
        return String.format(Locale.ROOT, "%02x%02x%02x", whole(asRed), whole(asGreen), whole(asBlue));
    }

    private static int whole(double channel) {
        return (int) Math.round(Math.max(0, Math.min(255, channel)));
    }

    /** The ffmpeg filter that turns RGB into these colours. */
    public String scaleFromRgb() {
        String matrix = red == 0.299 ? "bt601" : red == 0.2627 ? "bt2020" : "bt709";
        return "scale=out_color_matrix=" + matrix + ":out_range=" + (fullRange ? "pc" : "tv");
    }
}
