package saltdrum.core.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class StyleSchemaTest {
    private static final Path FILE = Path.of("../docs/formats/style.schema.json");

    /** Rewritten with {@code -Dschema.write=true}. */
    @Test
    void theSchemaInTheDocumentsIsTheOneOfTheFacets() throws Exception {
        if (Boolean.getBoolean("schema.write")) {
            Files.writeString(FILE, StyleSchema.json());
        }
        assertThat(Files.readString(FILE)).isEqualTo(StyleSchema.json());
    }
}
