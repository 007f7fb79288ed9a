package saltdrum.cli.bench.burn;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.Json;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleFile;

/** The styles of the painting benchmark: all that ship, and one that uses every feature. */
final class BenchStyles {
    private BenchStyles() {}

    static List<Style> all() {
        List<Style> styles = new ArrayList<>(new ShippedStyles().all());
        styles.add(StyleFile.read(Json.resource(BenchStyles.class, "heaviest.json")));
        return styles;
    }

    /** @param only names of styles; empty for all */
    static List<Style> all(List<String> only) {
        return all().stream()
                .filter(style -> only.isEmpty() || only.stream().anyMatch(style.name()::equalsIgnoreCase))
                .toList();
    }
}
