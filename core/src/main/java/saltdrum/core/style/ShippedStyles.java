package saltdrum.core.style;

import java.util.List;
import saltdrum.core.Json;

/** The styles that ship with the application, each a style file of its own. */
public final class ShippedStyles implements StyleShelf {
    private static final List<String> FILES = List.of("mallet", "lantern", "tidemark");

    private final List<Style> styles = FILES.stream()
            .map(name -> StyleFile.read(Json.resource(ShippedStyles.class, name + ".json")))
            .toList();

    @Override
    public List<Style> all() {
        return styles;
    }
}
