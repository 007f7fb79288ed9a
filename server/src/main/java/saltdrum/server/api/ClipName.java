package saltdrum.server.api;

/** A clip's name from a file's: no folders, no ending, no control characters, never empty. */
final class ClipName {
    private static final int LONGEST = 120;

    private ClipName() {}

    static String of(String fileName) {
        String name = fileName.replaceAll("^.*[/\\\\]", "").replaceAll("\\.[A-Za-z0-9]{1,5}$", "");
        name = name.replaceAll("[\\p{Cntrl}\\u202A-\\u202E\\u2066-\\u2069]", "").trim();
        if (name.codePointCount(0, name.length()) > LONGEST) {
            name = name.substring(0, name.offsetByCodePoints(0, LONGEST));
        }
        return name.isEmpty() || name.matches("\\.+") ? "Clip" : name;
    }
}
