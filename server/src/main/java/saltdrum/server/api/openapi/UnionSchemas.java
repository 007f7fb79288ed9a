package saltdrum.server.api.openapi;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Describes a sealed type as one of its kinds, each with its own name in {@code kind}: readers of the description get an
 * exact union. (The generator describes a base type with any name, and kinds that extend it.)
 */
final class UnionSchemas {
    private static final String KIND = "kind";

    private UnionSchemas() {}

    static void add(OpenAPI api, Class<?> sealed) {
        Map<String, Schema> all = api.getComponents().getSchemas();
        Schema<?> union = new Schema<>();
        Discriminator discriminator = new Discriminator().propertyName(KIND);
        for (JsonSubTypes.Type type : sealed.getAnnotation(JsonSubTypes.class).value()) {
            String schema = type.value().getSimpleName();
            String ref = "#/components/schemas/" + schema;
            all.put(schema, withKind(all.get(schema), type.name()));
            union.addOneOfItem(new Schema<>().$ref(ref));
            discriminator.mapping(type.name(), ref);
        }
        union.setDiscriminator(discriminator);
        all.put(sealed.getSimpleName(), union);
    }

    /** The kind's own fields after its name. */
    private static Schema<?> withKind(Schema<?> described, String name) {
        Map<String, Schema> fields = new LinkedHashMap<>();
        fields.put(KIND, new StringSchema().addEnumItem(name));
        ownFields(described, fields);
        Schema<?> schema = new ObjectSchema();
        schema.setDescription(described.getDescription());
        schema.setProperties(fields);
        return schema;
    }

    private static void ownFields(Schema<?> described, Map<String, Schema> fields) {
        if (described.getProperties() != null) {
            fields.putAll(described.getProperties());
        }
        if (described.getAllOf() != null) {
            described.getAllOf().forEach(part -> ownFields(part, fields));
        }
    }
}
