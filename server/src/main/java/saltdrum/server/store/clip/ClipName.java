package saltdrum.server.store.clip;

import saltdrum.core.BadInputException;

/** Names of clips: no folders, no ending, no control characters, never empty, never long. */
public final class ClipName {
    private static final int LONGEST = 120;
    private static final String COPY = " copy";

    private ClipName() {}

    /** From a file's name. */
    public static String of(String fileName) {
        String name = clean(fileName.replaceAll("^.*[/\\\\]", "").replaceAll("\\.[A-Za-z0-9]{1,5}$", ""));
        return name.isEmpty() || name.matches("\\.+") ? "Clip" : name;
    }

    /** As somebody typed it. */
    public static String typed(String text) {
        String name = clean(text);
        if (name.isEmpty()) {
            throw new BadInputException("A clip needs a name. The name was not changed.");
        }
        return name;
    }

    public static String copied(String name) {
        int most = LONGEST - COPY.length();
        boolean tooLong = name.codePointCount(0, name.length()) > most;
        return (tooLong ? name.substring(0, name.offsetByCodePoints(0, most)) : name) + COPY;
    }

    private static String clean(String text) {
        String name = text.replaceAll("[\\p{Cntrl}\\u202A-\\u202E\\u2066-\\u2069]", "")
                .trim();
        return name.codePointCount(0, name.length()) > LONGEST
                ? name.substring(0, name.offsetByCodePoints(0, LONGEST)).trim()
                : name;
    }
}
