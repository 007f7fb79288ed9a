package saltdrum.core.style;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;

/** Reads and writes styles as JSON; the built-in ones are files of the same kind. */
public final class StyleFile {
    private StyleFile() {}

    public static Style read(String json) {
        return Json.read(json, Style.class, "style");
    }

    public static String write(Style style) {
        return Json.writePretty(style);
    }

    /** The three styles that ship, in the order of the strip. */
    public static List<Style> builtIn() {
        return BuiltIn.STYLES;
    }

    public static Style builtIn(String name) {
        return BuiltIn.STYLES.stream()
                .filter(style -> style.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new BadInputException("There is no style “" + name + "”. There are: "
                        + String.join(
                                ", ", BuiltIn.STYLES.stream().map(Style::name).toList()) + "."));
    }

    private static final class BuiltIn {
        static final List<Style> STYLES = List.of("mallet", "lantern", "tidemark").stream()
                .map(name -> read(Json.resource(StyleFile.class, name + ".json")))
                .toList();
    }
}
