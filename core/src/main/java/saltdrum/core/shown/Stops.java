package saltdrum.core.shown;

import java.util.regex.Pattern;

/**
 * Commas and full stops at the end of a word, in the scripts that have them. Question marks, exclamation marks and
 * ellipses are never hidden: they change what is said.
 */
final class Stops {
    /** Commas and full stops by their names in the Unicode Character Database. */
    private static final String MARKS =
            ",\\.\u060C\u06D4\u0964\u0589\u1362\u1363\u3001\u3002\uFE50\uFE52\uFF0C\uFF0E\uFF61\uFF64";

    /** Before quotes and brackets that close behind it. */
    private static final Pattern LAST =
            Pattern.compile("(?<![" + MARKS + "\u2026])[" + MARKS + "](?=[\\p{Pe}\\p{Pf}\\p{Pi}\"']*$)");

    /** An abbreviation of letters, “p.m.”, keeps its last full stop. */
    private static final Pattern ABBREVIATION = Pattern.compile("(\\p{L}\\.){2,}[\\p{Pe}\\p{Pf}\"']*");

    private Stops() {}

    /** The word without the comma or full stop at its end; a word that is nothing else stays. */
    static String hidden(String word) {
        if (ABBREVIATION.matcher(word).matches()) {
            return word;
        }
        String hidden = LAST.matcher(word).replaceFirst("");
        return hidden.isBlank() ? word : hidden;
    }
}
