package saltdrum.core.style;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Locale;
import saltdrum.core.Json;
import saltdrum.core.look.Facet;
import saltdrum.core.look.FacetKind;
import saltdrum.core.look.Facets;
import saltdrum.core.parts.ControlHint;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The JSON Schema (draft 2020-12) of a style file, made of the facets themselves. */
public final class StyleSchema {
    private final ObjectNode definitions = JsonNodeFactory.instance.objectNode();

    private StyleSchema() {}

    public static String json() {
        return Json.writePretty(new StyleSchema().file());
    }

    private ObjectNode file() {
        ObjectNode file = object();
        file.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        file.put("title", "Salt Drum style file");
        file.put("description", "A look for any words. Unknown fields are refused; missing ones have their default.");
        ObjectNode properties = closed(file);
        properties.putObject("form").put("const", StyleFile.FORM.number());
        text(properties, "name", 1, 60, "Unique, as the designer writes it");
        text(properties, "about", 0, 200, "One sentence for the strip");
        properties.set("look", reference("look"));
        ObjectNode voice = object();
        ObjectNode voiceProperties = closed(voice);
        text(voiceProperties, "role", 1, 40, "What the designer calls it");
        voiceProperties.set("look", reference("look"));
        voice.putArray("required").add("role");
        ObjectNode emphasis = properties.putObject("emphasis");
        emphasis.put("type", "array").put("maxItems", 4).set("items", voice);
        emphasis.put("description", "What words of each emphasis have that differs from plain ones");
        file.putArray("required").add("form").add("name");
        ObjectNode look = object();
        look.put("description", "Some facets of a look");
        ObjectNode facets = closed(look);
        Facets.ALL.forEach(facet -> facets.set(facet.name(), facet(facet)));
        definitions.set("look", look);
        file.set("$defs", definitions);
        return file;
    }

    private static ObjectNode object() {
        return JsonNodeFactory.instance.objectNode();
    }

    private static ObjectNode closed(ObjectNode schema) {
        schema.put("type", "object").put("additionalProperties", false);
        return schema.putObject("properties");
    }

    private static void text(ObjectNode properties, String name, int least, int most, String about) {
        properties
                .putObject(name)
                .put("type", "string")
                .put("minLength", least)
                .put("maxLength", most)
                .put("description", about);
    }

    private static ObjectNode reference(String name) {
        return object().put("$ref", "#/$defs/" + name);
    }

    private ObjectNode facet(Facet<?> facet) {
        ObjectNode schema = kind(facet.kind());
        schema.put("title", facet.label());
        return schema;
    }

    private ObjectNode kind(FacetKind<?> kind) {
        return kind.match(new FacetKind.Cases<>() {
            @Override
            public ObjectNode number(FacetKind.Number number) {
                return object().put("type", "number")
                        .put("minimum", number.least())
                        .put("maximum", number.most());
            }

            @Override
            public ObjectNode yesOrNo(FacetKind.Switch yesOrNo) {
                return object().put("type", "boolean");
            }

            @Override
            public ObjectNode choice(FacetKind.Choice<?> choice) {
                return type(choice.type());
            }

            @Override
            public ObjectNode family(FacetKind.Family family) {
                return object().put("type", "string");
            }

            @Override
            public ObjectNode emoji(FacetKind.Emoji emoji) {
                return object().put("type", "string");
            }

            @Override
            public ObjectNode value(FacetKind.Value<?> value) {
                return type(value.type());
            }

            @Override
            public ObjectNode several(FacetKind.Several<?> several) {
                ObjectNode list = object().put("type", "array").put("maxItems", several.most());
                list.set("items", type(several.type()));
                return list;
            }
        });
    }

    private ObjectNode type(Type type) {
        if (type instanceof ParameterizedType list) {
            ObjectNode schema = object().put("type", "array");
            schema.set("items", type(list.getActualTypeArguments()[0]));
            return schema;
        }
        Class<?> plain = (Class<?>) type;
        if (plain == double.class || plain == int.class) {
            return object().put("type", plain == int.class ? "integer" : "number");
        } else if (plain == boolean.class) {
            return object().put("type", "boolean");
        } else if (plain == String.class) {
            return object().put("type", "string").put("description", "A colour: #RRGGBB or #RRGGBBAA");
        } else if (plain.isEnum()) {
            return choice(plain);
        }
        return named(plain);
    }

    private static ObjectNode choice(Class<?> type) {
        ObjectNode schema = object();
        var names = schema.putArray("enum");
        ValuePart.Option.of(type).forEach(option -> names.add(option.value()));
        return schema;
    }

    /** A record, or one of several kinds of them; each is defined once. */
    private ObjectNode named(Class<?> type) {
        String name = type.getSimpleName().substring(0, 1).toLowerCase(Locale.ROOT)
                + type.getSimpleName().substring(1);
        JsonSubTypes kinds = type.getAnnotation(JsonSubTypes.class);
        if (!definitions.has(name)) {
            // Before its parts, which may name it.
            definitions.putObject(name);
            definitions.set(name, kinds == null ? record(type) : oneOf(kinds));
        }
        return reference(name);
    }

    private ObjectNode oneOf(JsonSubTypes kinds) {
        ObjectNode schema = object();
        var options = schema.putArray("oneOf");
        for (JsonSubTypes.Type kind : kinds.value()) {
            options.add(record(kind.value()));
        }
        return schema;
    }

    private ObjectNode record(Class<?> type) {
        String kind = ValueParts.kind(type);
        ObjectNode schema = object();
        ObjectNode properties = closed(schema);
        if (!kind.isEmpty()) {
            properties.putObject("kind").put("const", kind);
            schema.putArray("required").add("kind");
        }
        for (RecordComponent component : type.getRecordComponents()) {
            properties.set(component.getName(), part(component));
        }
        return schema;
    }

    private ObjectNode part(RecordComponent component) {
        ObjectNode schema = type(component.getGenericType());
        ControlHint shown = component.getAnnotation(ControlHint.class);
        if (shown != null) {
            // Text that is no colour.
            schema.remove("description");
            if (shown.value() == ValuePart.Control.CURVE) {
                schema.put("description", "An easing as CSS writes it, or spring(0 to 0.95)");
            }
        }
        NumberRange within = component.getAnnotation(NumberRange.class);
        if (within != null) {
            schema.put("minimum", within.least()).put("maximum", within.most());
        }
        Label says = component.getAnnotation(Label.class);
        return says == null ? schema : schema.put("title", says.value());
    }
}
