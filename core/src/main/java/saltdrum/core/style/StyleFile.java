package saltdrum.core.style;

import saltdrum.core.Json;

/** Reads and writes styles as JSON; the ones that ship are files of the same kind. */
public final class StyleFile {
    private StyleFile() {}

    public static Style read(String json) {
        return Json.read(json, Style.class, "style");
    }

    public static String write(Style style) {
        return Json.writePretty(style);
    }
}
