package saltdrum.media.emoji;

import java.util.HashMap;
import java.util.Map;
import javax.xml.stream.XMLStreamReader;
import saltdrum.core.BadInputException;

/** The paint of an element: its presentation attributes, overridden by its style attribute. */
final class SvgStyle {
    private static final String[] NAMES = {
        "fill",
        "fill-rule",
        "fill-opacity",
        "opacity",
        "stroke",
        "stroke-width",
        "stroke-opacity",
        "stroke-linecap",
        "stroke-linejoin",
        "stroke-dasharray",
        "display",
        "visibility"
    };

    private final Map<String, String> said = new HashMap<>();

    private SvgStyle() {}

    static SvgStyle of(XMLStreamReader xml) {
        SvgStyle style = new SvgStyle();
        for (String name : NAMES) {
            String value = xml.getAttributeValue(null, name);
            if (value != null) {
                style.said.put(name, value.strip());
            }
        }
        String inline = xml.getAttributeValue(null, "style");
        for (String declaration : inline == null ? new String[0] : inline.split(";")) {
            int colon = declaration.indexOf(':');
            if (colon > 0) {
                style.said.put(
                        declaration.substring(0, colon).strip(),
                        declaration.substring(colon + 1).strip());
            }
        }
        if (xml.getAttributeValue(null, "class") != null && style.said.isEmpty()) {
            throw new BadInputException("This drawing has its colours in a style sheet. Save it with the colours at its"
                    + " shapes (“presentation attributes”).");
        }
        if (!style.text("stroke-dasharray", "none").equals("none")) {
            throw new BadInputException("A drawing with flat colours cannot have dashed lines.");
        }
        return style;
    }

    String text(String name, String otherwise) {
        return said.getOrDefault(name, otherwise);
    }

    double number(String name, double otherwise) {
        String value = said.get(name);
        return value == null ? otherwise : Double.parseDouble(value.replaceAll("px$", ""));
    }

    boolean hidden() {
        return text("display", "").equals("none") || text("visibility", "").equals("hidden");
    }
}
