package saltdrum.media.font;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A typeface of the shelf with its variations: its index, whether it is slanted artificially, its width in
 * hundredths, and its axis values. Glyph names start with it: {@code 3.41}, {@code 3i90.41}, {@code
 * 60@SOFT=40,wght=350.41}.
 */
record FontInstance(int typeface, boolean slanted, int width, List<Stand> axes) {
    private static final Pattern NAME = Pattern.compile("(\\d+)([iw]?)(\\d*)(?:@(.+))?");

    /** On one axis, in tenths. */
    record Stand(String tag, double value) {
        @Override
        public String toString() {
            return String.format(Locale.ROOT, "%s=%.1f", tag, value).replaceFirst("\\.0$", "");
        }
    }

    static FontInstance plain(int typeface) {
        return new FontInstance(typeface, false, 100, List.of());
    }

    static FontInstance named(String name) {
        Matcher parts = NAME.matcher(name);
        if (!parts.matches()) {
            throw new IllegalArgumentException("No font is named " + name);
        }
        List<Stand> axes = parts.group(4) == null
                ? List.of()
                : Stream.of(parts.group(4).split(","))
                        .map(axis -> axis.split("="))
                        .map(axis -> new Stand(axis[0], Double.parseDouble(axis[1])))
                        .toList();
        return new FontInstance(
                Integer.parseInt(parts.group(1)),
                parts.group(2).equals("i"),
                parts.group(3).isEmpty() ? 100 : Integer.parseInt(parts.group(3)),
                axes);
    }

    /** Without what is done to the letters after they are drawn. */
    FontInstance unstretched() {
        return new FontInstance(typeface, false, 100, axes);
    }

    String name() {
        // Without a letter between them the index and the width would be one number.
        String cut = typeface + (slanted ? "i" : width == 100 ? "" : "w") + (width == 100 ? "" : width);
        return axes.isEmpty()
                ? cut
                : cut + "@" + axes.stream().map(Stand::toString).collect(Collectors.joining(","));
    }
}
