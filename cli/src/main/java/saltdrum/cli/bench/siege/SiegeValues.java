package saltdrum.cli.bench.siege;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** JSON values of the shapes that the description of the API asks for, sensible ones mostly, and hostile ones. */
final class SiegeValues {
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;
    private static final int DEEPEST = 6;
    private static final List<JsonNode> HOSTILE = hostile();
    private static final List<String> TEXTS = List.of(
            "low tide",
            "row",
            "the third coat",
            "zurück",
            "干潮だよ",
            "الجزر الآن",
            "🔔",
            "👩‍🚀 tide",
            "a b c d e f g h i j k l m n o p",
            "Don’t—stop!",
            "en",
            "es",
            "#0f2a2e",
            "1200");

    private final JsonNode schemas;
    private final SiegeObjects ground;
    private final Random random;

    /** @param description of the API (OpenAPI 3) */
    SiegeValues(JsonNode description, SiegeObjects ground, Random random) {
        this.schemas = description.path("components").path("schemas");
        this.ground = ground;
        this.random = random;
    }

    private static List<JsonNode> hostile() {
        List<JsonNode> all = new ArrayList<>(List.of(
                MAKE.nullNode(),
                MAKE.booleanNode(true),
                MAKE.numberNode(-1),
                MAKE.numberNode(0),
                MAKE.numberNode(Integer.MAX_VALUE),
                MAKE.numberNode(Integer.MIN_VALUE),
                MAKE.numberNode(Long.MAX_VALUE),
                MAKE.numberNode(0.5),
                MAKE.numberNode(1e300),
                MAKE.numberNode(-1e-300),
                MAKE.objectNode(),
                MAKE.arrayNode(),
                MAKE.arrayNode().add(MAKE.nullNode()),
                MAKE.arrayNode().add(MAKE.arrayNode().add(1))));
        for (String text : List.of(
                "",
                " ",
                "\u0000",
                "a\u0000b",
                "\ud83d",
                "NaN",
                "../../etc/passwd",
                "%00",
                "<script>alert(1)</script>",
                "'; drop table track; --",
                "\u202e\u2066\u200d\u200b",
                "e" + "\u0301".repeat(300),
                "👨‍👩‍👧‍👦".repeat(400),
                "x".repeat(70_000),
                "\r\n\r\n-->",
                "{\\fs9999}")) {
            all.add(MAKE.stringNode(text));
        }
        ArrayNode many = MAKE.arrayNode();
        for (int i = 0; i < 5000; i++) {
            many.add(i);
        }
        all.add(many);
        return List.copyOf(all);
    }

    JsonNode anyHostile() {
        return HOSTILE.get(random.nextInt(HOSTILE.size()));
    }

    static List<JsonNode> allHostile() {
        return HOSTILE;
    }

    /** A valid value for a field. @param name of the field, which tells its meaning */
    JsonNode good(JsonNode schema, String name) {
        return good(schema, name, 0, 0);
    }

    /** As {@link #good}, with something hostile in it somewhere. */
    JsonNode bad(JsonNode schema, String name) {
        return good(schema, name, 0, 0.2);
    }

    private JsonNode good(JsonNode schema, String name, int depth, double hostile) {
        if (hostile > 0 && random.nextDouble() < hostile) {
            return anyHostile();
        }
        if (schema.has("$ref")) {
            String type = last(schema.path("$ref").asString());
            return object(type, schemas.path(type), depth, hostile);
        }
        if (schema.has("oneOf")) {
            JsonNode all = schema.path("oneOf");
            return good(all.get(random.nextInt(all.size())), name, depth, hostile);
        }
        if (schema.has("enum")) {
            JsonNode all = schema.path("enum");
            return all.get(random.nextInt(all.size()));
        }
        return switch (schema.path("type").asString("")) {
            case "array" -> {
                ArrayNode array = MAKE.arrayNode();
                for (int n = random.nextInt(4); n > 0 && depth < DEEPEST; n--) {
                    array.add(good(schema.path("items"), name, depth + 1, hostile));
                }
                yield array;
            }
            case "integer" -> whole(schema, name);
            case "number" -> {
                double least = schema.path("minimum").asDouble(0);
                double most = schema.path("maximum").asDouble(least + 10);
                yield MAKE.numberNode(least + random.nextDouble() * (most - least));
            }
            case "boolean" -> MAKE.booleanNode(random.nextBoolean());
            case "object" -> object(name, schema, depth, hostile);
            default -> text(name);
        };
    }

    private JsonNode object(String type, JsonNode schema, int depth, double hostile) {
        ObjectNode object = MAKE.objectNode();
        if (depth > DEEPEST) {
            return object;
        }
        JsonNode kinds = schema.path("discriminator").path("mapping");
        if (kinds.size() > 0) {
            List<Map.Entry<String, JsonNode>> all = new ArrayList<>(kinds.properties());
            Map.Entry<String, JsonNode> kind = all.get(random.nextInt(all.size()));
            return object(last(kind.getValue().asString()), kind.getKey(), depth, hostile);
        }
        fields(object, schema, depth, hostile);
        return object;
    }

    /** One of a kind, e.g. an edit. */
    ObjectNode object(String type, String kind, int depth, double hostile) {
        ObjectNode object = MAKE.objectNode();
        JsonNode schema = schemas.path(type);
        fields(object, schema, depth, hostile);
        object.put("kind", kind);
        return object;
    }

    private void fields(ObjectNode object, JsonNode schema, int depth, double hostile) {
        List<String> required = new ArrayList<>();
        schema.path("required").forEach(name -> required.add(name.asString()));
        int size = schema.path("properties").size();
        // Of a look there are more facets than anybody sets at once.
        double often = size > 12 ? 3.0 / size : 0.6;
        for (Map.Entry<String, JsonNode> field : schema.path("properties").properties()) {
            if (required.contains(field.getKey()) || random.nextDouble() < often) {
                object.set(field.getKey(), good(field.getValue(), field.getKey(), depth + 1, hostile));
            }
        }
    }

    private JsonNode whole(JsonNode schema, String name) {
        String of = name.toLowerCase(java.util.Locale.ROOT);
        JsonNode known = null;
        if (of.startsWith("wordid")) {
            known = ground.one("word");
        } else if (of.startsWith("cueid")) {
            known = ground.one("cue");
        } else if (of.equals("ids")) {
            known = ground.one("unscripted");
        } else if (of.equals("version") || of.equals("since")) {
            known = MAKE.numberNode(ground.version());
        }
        if (known != null) {
            return known;
        }
        int most = of.endsWith("ms") ? 20_000 : 8;
        int least = schema.path("minimum").asInt(0);
        return MAKE.numberNode(
                least + random.nextInt(Math.max(1, schema.path("maximum").asInt(most) - least + 1)));
    }

    private JsonNode text(String name) {
        JsonNode known =
                switch (name) {
                    case "clipId" -> MAKE.stringNode(ground.clipId());
                    case "style", "client", "motion", "family" -> ground.one(name);
                    case "typeface" -> ground.one("family");
                    case "jobId" -> ground.one("job");
                    case "fontId" -> ground.one("font");
                    case "name" -> random.nextBoolean() ? ground.one("recipe") : ground.one("sticker");
                    case "language", "to", "from" ->
                        MAKE.stringNode(List.of("en", "es", "ja", "ar", "de").get(random.nextInt(5)));
                    case "emoji" -> MAKE.stringNode(List.of("🔔", "🌊", "").get(random.nextInt(3)));
                    case "colour", "barColour", "one", "other" ->
                        MAKE.stringNode("#" + String.format(java.util.Locale.ROOT, "%06x", random.nextInt(1 << 24)));
                    default -> null;
                };
        return known != null ? known : MAKE.stringNode(TEXTS.get(random.nextInt(TEXTS.size())));
    }

    /** A value for a path parameter. */
    String named(String name) {
        return switch (name) {
            case "format" ->
                List.of("json", "srt", "vtt", "ttml", "ass", "txt", "exe").get(random.nextInt(7));
            case "choice" -> String.valueOf(random.nextInt(3) - 1);
            default -> text(name).asString();
        };
    }

    String fileName() {
        return List.of(
                        "a.vtt",
                        "b.srt",
                        "c.json",
                        "d.ass",
                        "e.ttml",
                        "f.mp4",
                        "g.svg",
                        "h.png",
                        "i.ttf",
                        "",
                        "..",
                        "\u202ea.txt")
                .get(random.nextInt(12));
    }

    static String last(String reference) {
        return reference.substring(reference.lastIndexOf('/') + 1);
    }

    static String write(JsonNode value) {
        return JsonMapper.shared().writeValueAsString(value);
    }
}
