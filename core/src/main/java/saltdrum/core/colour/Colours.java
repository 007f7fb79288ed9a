package saltdrum.core.colour;

import java.util.Locale;
import saltdrum.core.BadInputException;

/** Colours are written {@code #RRGGBB} or {@code #RRGGBBAA}, sRGB, alpha not premultiplied. */
public final class Colours {
    private Colours() {}

    public static String check(String colour) {
        if (colour == null || !colour.matches("#([0-9a-fA-F]{6}|[0-9a-fA-F]{8})")) {
            throw new BadInputException("A colour is written #RRGGBB or #RRGGBBAA, not “" + shortened(colour) + "”.");
        }
        return colour;
    }

    private static String shortened(String colour) {
        return colour != null && colour.length() > 20 ? colour.substring(0, 20) + "…" : colour;
    }

    /** Red, green, blue, alpha, each 0 to 255. */
    public static int[] channels(String colour) {
        check(colour);
        int alpha = colour.length() == 9 ? Integer.parseInt(colour.substring(7), 16) : 255;
        int rgb = Integer.parseInt(colour.substring(1, 7), 16);
        return new int[] {rgb >> 16, rgb >> 8 & 255, rgb & 255, alpha};
    }

    public static String written(int[] c) {
        return String.format(Locale.ROOT, "#%02x%02x%02x%02x", c[0], c[1], c[2], c[3]);
    }

    /** Channel by channel in sRGB, {@code at} 0 to 1; out of range is clamped. */
    public static String mix(String from, String to, double at) {
        int[] a = channels(from);
        int[] b = channels(to);
        int[] mixed = new int[4];
        for (int i = 0; i < 4; i++) {
            mixed[i] = (int) Math.min(255, Math.max(0, Math.round(a[i] + (b[i] - a[i]) * at)));
        }
        return written(mixed);
    }
}
