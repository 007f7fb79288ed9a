package saltdrum.core.text;

/** What somebody typed, as a sentence repeats it. */
public final class Quoted {
    private static final int MOST = 60;

    private Quoted() {}

    /** In quotation marks, its beginning only where it is long. */
    public static String of(String text) {
        return "“" + shortened(String.valueOf(text)) + "”";
    }

    private static String shortened(String text) {
        if (text.length() <= MOST) {
            return text;
        }
        int end = Character.isHighSurrogate(text.charAt(MOST - 1)) ? MOST - 1 : MOST;
        return text.substring(0, end) + "…";
    }
}
