package saltdrum.core.style;

import java.util.List;
import saltdrum.core.Json;

/** The styles and motions that ship with the application, each a style file of its own. */
public final class ShippedStyles implements StyleShelf {
    private static final List<String> FILES = List.of(
            "mallet",
            "lantern",
            "tidemark",
            "harbour-wire",
            "regatta",
            "chalk",
            "anvil",
            "shanty",
            "night-ferry",
            "parcel",
            "footnote",
            "rock-pool");
    private static final List<String> MOTIONS = List.of(
            "still",
            "landing",
            "tide",
            "typed",
            "ripple",
            "fog",
            "curtain",
            "gulls",
            "bell",
            "lantern-walk",
            "sing-along",
            "skipping");

    private final List<Style> styles = read("", FILES);
    private final List<Style> motions = read("motions/", MOTIONS);

    private static List<Style> read(String folder, List<String> files) {
        return files.stream()
                .map(name -> StyleFile.read(Json.resource(ShippedStyles.class, folder + name + ".json")))
                .toList();
    }

    @Override
    public List<Style> all() {
        return styles;
    }

    /** Styles that say only how captions move. */
    public List<Style> motions() {
        return motions;
    }
}
