package saltdrum.server.api.openapi;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.converter.ResolvedSchema;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.math.BigDecimal;
import java.util.Arrays;
import saltdrum.core.look.Facet;
import saltdrum.core.look.FacetKind;
import saltdrum.core.look.Facets;

/** Describes the JSON of a look: one property a facet, of which any may be missing. */
final class LookSchemas {
    private LookSchemas() {}

    static void add(OpenAPI api) {
        ObjectSchema patch = new ObjectSchema();
        patch.setDescription("Some facets of a look; missing ones come from the level below");
        for (Facet<?> facet : Facets.ALL) {
            patch.addProperty(facet.name(), schema(api, facet.kind()));
        }
        patch.setAdditionalProperties(false);
        api.getComponents().addSchemas("Patch", patch);
    }

    private static Schema<?> schema(OpenAPI api, FacetKind<?> kind) {
        return kind.match(new FacetKind.Cases<>() {
            @Override
            public Schema<?> number(FacetKind.Number number) {
                return new NumberSchema()
                        .minimum(BigDecimal.valueOf(number.least()))
                        .maximum(BigDecimal.valueOf(number.most()));
            }

            @Override
            public Schema<?> yesOrNo(FacetKind.Switch yesOrNo) {
                return new BooleanSchema();
            }

            @Override
            public Schema<?> choice(FacetKind.Choice<?> choice) {
                StringSchema one = new StringSchema();
                Arrays.stream(choice.type().getEnumConstants()).forEach(value -> one.addEnumItem(value.name()));
                return one;
            }

            @Override
            public Schema<?> family(FacetKind.Family family) {
                return new StringSchema();
            }

            @Override
            public Schema<?> emoji(FacetKind.Emoji emoji) {
                return new StringSchema();
            }

            @Override
            public Schema<?> value(FacetKind.Value<?> value) {
                return reference(api, value.type());
            }

            @Override
            public Schema<?> several(FacetKind.Several<?> several) {
                return new ArraySchema().items(reference(api, several.type())).maxItems(several.most());
            }
        });
    }

    private static Schema<?> reference(OpenAPI api, Class<?> type) {
        ResolvedSchema resolved =
                ModelConverters.getInstance().readAllAsResolvedSchema(new AnnotatedType(type).resolveAsRef(true));
        resolved.referencedSchemas.forEach((name, schema) -> api.getComponents().addSchemas(name, schema));
        return new Schema<>().$ref("#/components/schemas/" + type.getSimpleName());
    }
}
