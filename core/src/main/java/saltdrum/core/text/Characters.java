package saltdrum.core.text;

/**
 * The characters that text may hold everywhere it goes: those of XML 1.0 (https://www.w3.org/TR/xml/#charsets), which
 * PostgreSQL and the text shaper can hold too.
 */
public final class Characters {
    private static final char REPLACEMENT = '\uFFFD';

    private Characters() {}

    /**
     * The text as it may be kept. Half of a surrogate pair becomes the replacement character, so that a reader sees that
     * something was there; NUL and other control characters but tab and line ends, U+FFFE and U+FFFF go.
     *
     * @param text or null, which stays null
     */
    public static String kept(String text) {
        if (text == null) {
            return null;
        }
        int good = goodUntil(text);
        if (good == text.length()) {
            return text;
        }
        StringBuilder kept = new StringBuilder(text.length()).append(text, 0, good);
        for (int i = good; i < text.length(); ) {
            int c = text.codePointAt(i);
            i += Character.charCount(c);
            if (isHalf(c)) {
                kept.append(REPLACEMENT);
            } else if (!isForbidden(c)) {
                kept.appendCodePoint(c);
            }
        }
        return kept.toString();
    }

    private static int goodUntil(String text) {
        int i = 0;
        while (i < text.length()) {
            int c = text.codePointAt(i);
            if (isHalf(c) || isForbidden(c)) {
                return i;
            }
            i += Character.charCount(c);
        }
        return i;
    }

    private static boolean isHalf(int codePoint) {
        return codePoint >= Character.MIN_SURROGATE && codePoint <= Character.MAX_SURROGATE;
    }

    private static boolean isForbidden(int codePoint) {
        boolean control = codePoint < 0x20 && codePoint != '\t' && codePoint != '\n' && codePoint != '\r';
        return control || codePoint == 0xFFFE || codePoint == 0xFFFF;
    }
}
