package saltdrum.core.style;

import java.util.Set;
import saltdrum.core.stored.StoredForm;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads and writes styles as JSON; the ones that ship are files of the same kind. */
public final class StyleFile {
    private static final Set<String> WITHOUT_AMOUNT = Set.of("NONE", "FADE");

    public static final StoredForm<Style> FORM =
            StoredForm.of("style", Style.class, StyleFile::entrancesHaveWhatTheyNeed);

    private StyleFile() {}

    /** From form 1: every entrance had a length and an amount, used or not. */
    public static void entrancesHaveWhatTheyNeed(ObjectNode style) {
        JsonNode entrance = style.path("entrance");
        if (entrance instanceof ObjectNode fields) {
            String kind = fields.path("kind").asString("");
            if (WITHOUT_AMOUNT.contains(kind)) {
                fields.remove("amount");
            }
            if (kind.equals("NONE")) {
                fields.remove("ms");
            }
        }
    }

    public static Style read(String json) {
        return FORM.read(json);
    }

    public static String write(Style style) {
        return FORM.writePretty(style);
    }
}
