package saltdrum.core.format.file;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Times as caption files write them. */
public final class Clock {
    /** Hours are optional; a comma or a point before the fraction, or none at all. */
    public static final String TIME = "(?:\\d{1,3}:)?\\d{1,2}:\\d{1,2}(?:[.,]\\d{1,9})?";

    private static final Pattern PARTS = Pattern.compile("(?:(\\d{1,3}):)?(\\d{1,2}):(\\d{1,2})(?:[.,](\\d{1,9}))?");

    private Clock() {}

    /** Milliseconds. @throws IllegalArgumentException when it is no such time */
    public static int ms(String text) {
        Matcher m = PARTS.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException(text);
        }
        int hours = m.group(1) == null ? 0 : Integer.parseInt(m.group(1));
        int fraction = m.group(4) == null ? 0 : (int) Math.round(Double.parseDouble("0." + m.group(4)) * 1000);
        return ((hours * 60 + Integer.parseInt(m.group(2))) * 60 + Integer.parseInt(m.group(3))) * 1000 + fraction;
    }

    /** {@code 00:01:02.345} with that mark before the milliseconds. */
    public static String full(int ms, char mark) {
        return String.format(
                Locale.ROOT, "%02d:%02d:%02d%c%03d", ms / 3_600_000, ms / 60_000 % 60, ms / 1000 % 60, mark, ms % 1000);
    }
}
