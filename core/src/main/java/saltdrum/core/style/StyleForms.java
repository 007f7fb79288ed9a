package saltdrum.core.style;

import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** How styles of earlier forms become styles of the present one. */
public final class StyleForms {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final Set<String> WITHOUT_AMOUNT = Set.of("NONE", "FADE");

    private StyleForms() {}

    /** From form 1: every entrance had a length and an amount, used or not. */
    public static void completeEntrances(ObjectNode style) {
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

    /** From form 2: a style had fixed fields, and each voice was complete. */
    public static void turnLooksIntoFacets(ObjectNode style) {
        if (style.has("look")) {
            return;
        }
        ObjectNode look = JSON.objectNode();
        face(look, style.remove("face"));
        move(style, "size", look, "size");
        move(style, "lineHeight", look, "lineHeight");
        move(style, "letterSpacing", look, "letterSpacing");
        JsonNode place = style.remove("place");
        if (place instanceof ObjectNode fields) {
            move(fields, "x", look, "x");
            move(fields, "y", look, "y");
            move(fields, "width", look, "widest");
        }
        if (style.remove("plain") instanceof ObjectNode plain) {
            look.setAll(voice(plain));
        }
        if (style.remove("backing") instanceof ObjectNode backing) {
            backing.put("behind", "LINE").put("form", "BOX").put("opacity", 1);
            backing.set("fill", flat(backing.get("fill")));
            look.putArray("plates").add(backing);
        }
        move(style, "entrance", look, "entrance");
        move(style, "spoken", look, "spoken");
        move(style, "exitMs", look, "exitMs");
        ArrayNode voices = JSON.arrayNode();
        style.path("emphasis").forEach(voice -> {
            ObjectNode one = voices.addObject();
            one.set("role", voice.get("role"));
            ObjectNode own = voice((ObjectNode) voice);
            // A voice holds overrides of the plain words.
            look.properties().forEach(plain -> {
                if (plain.getValue().equals(own.get(plain.getKey()))) {
                    own.remove(plain.getKey());
                }
            });
            one.set("look", own);
        });
        style.set("look", look);
        style.set("emphasis", voices);
    }

    /** From form 3: four entrances had fields of their own; every patch is brought up to date where it is read. */
    public static void acceptTransitions(ObjectNode style) {}

    private static ObjectNode voice(ObjectNode voice) {
        ObjectNode look = JSON.objectNode();
        face(look, voice.get("face"));
        if (voice.path("scale").asDouble(1) != 1) {
            look.set("scale", voice.get("scale"));
        }
        look.set("fill", flat(voice.get("fill")));
        ArrayNode outlines = look.putArray("outlines");
        if (voice.path("outline").asDouble(0) > 0) {
            ObjectNode rim = outlines.addObject();
            rim.set("width", voice.get("outline"));
            rim.set("ink", flat(voice.get("outlineColour")));
        }
        ArrayNode shadows = look.putArray("shadows");
        if (voice.get("shadow") instanceof ObjectNode shadow) {
            ObjectNode soft = shadows.addObject().put("kind", "soft");
            soft.setAll(shadow);
            soft.put("spread", 0);
        }
        look.set("tilt", JSON.numberNode(voice.path("tilt").asDouble(0)));
        look.put("letters", voice.path("upper").asBoolean(false) ? "UPPER" : "AS_WRITTEN");
        return look;
    }

    private static void face(ObjectNode look, JsonNode face) {
        if (face instanceof ObjectNode fields) {
            look.set("typeface", fields.get("family"));
            look.set("weight", fields.get("weight"));
        }
    }

    private static JsonNode flat(JsonNode colour) {
        ObjectNode flat = JSON.objectNode().put("kind", "flat");
        flat.set("colour", colour);
        return flat;
    }

    private static void move(ObjectNode from, String name, ObjectNode to, String newName) {
        JsonNode value = from.remove(name);
        if (value != null) {
            to.set(newName, value);
        }
    }
}
