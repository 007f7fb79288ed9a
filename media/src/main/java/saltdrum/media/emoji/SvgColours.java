package saltdrum.media.emoji;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.BadInputException;

/** Flat colours as SVG writes them (CSS Color 4: hexadecimal, rgb(), the sixteen basic names and orange). */
final class SvgColours {
    private static final Map<String, String> NAMED = Map.ofEntries(
            Map.entry("black", "#000000"),
            Map.entry("silver", "#c0c0c0"),
            Map.entry("gray", "#808080"),
            Map.entry("grey", "#808080"),
            Map.entry("white", "#ffffff"),
            Map.entry("maroon", "#800000"),
            Map.entry("red", "#ff0000"),
            Map.entry("purple", "#800080"),
            Map.entry("fuchsia", "#ff00ff"),
            Map.entry("green", "#008000"),
            Map.entry("lime", "#00ff00"),
            Map.entry("olive", "#808000"),
            Map.entry("yellow", "#ffff00"),
            Map.entry("orange", "#ffa500"),
            Map.entry("navy", "#000080"),
            Map.entry("blue", "#0000ff"),
            Map.entry("teal", "#008080"),
            Map.entry("aqua", "#00ffff"),
            Map.entry("currentcolor", "#000000"));
    private static final Pattern RGB = Pattern.compile("rgb\\(\\s*(\\d{1,3})[\\s,]+(\\d{1,3})[\\s,]+(\\d{1,3})\\s*\\)");

    private SvgColours() {}

    static boolean none(String colour) {
        return colour.equals("none") || colour.equals("transparent");
    }

    /** @return #rrggbb, with two digits of opacity where it is not whole */
    static String of(String written, double opacity) {
        String plain = written.toLowerCase(Locale.ROOT).strip();
        String colour = NAMED.getOrDefault(plain, plain);
        Matcher rgb = RGB.matcher(colour);
        if (rgb.matches()) {
            colour = String.format(Locale.ROOT, "#%02x%02x%02x", part(rgb, 1), part(rgb, 2), part(rgb, 3));
        }
        if (colour.matches("#[0-9a-f]{3}")) {
            colour = colour.replaceAll("([0-9a-f])", "$1$1");
        }
        if (colour.matches("#[0-9a-f]{8}")) {
            double own = Integer.parseInt(colour.substring(7), 16) / 255.0;
            return of(colour.substring(0, 7), own * opacity);
        }
        if (!colour.matches("#[0-9a-f]{6}")) {
            throw new BadInputException("A drawing with flat colours cannot have the fill “"
                    + (written.length() > 40 ? written.substring(0, 40) + "…" : written) + "”.");
        }
        return opacity >= 1
                ? colour
                : colour + String.format(Locale.ROOT, "%02x", Math.round(255 * Math.max(0, opacity)));
    }

    private static int part(Matcher rgb, int group) {
        return Math.min(255, Integer.parseInt(rgb.group(group)));
    }
}
