package saltdrum.core.style;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import saltdrum.core.Json;

/** The styles and motions that ship with the application, each a style file of its own, loaded on first use. */
public final class ShippedStyles implements StyleShelf {
    /** Of the first clip. */
    public static final String FIRST = "Mallet";

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

    private final Map<String, Style> read = new ConcurrentHashMap<>();

    /** What is said of a style where only its name counts. */
    public record Listed(String name, String about) {}

    /** Names and descriptions, without reading the looks. */
    public static List<Listed> listed() {
        return FILES.stream()
                .map(file -> Json.tree(text(file)))
                .map(tree -> new Listed(
                        tree.path("name").asString(), tree.path("about").asString("")))
                .toList();
    }

    private static String text(String file) {
        return Json.resource(ShippedStyles.class, file + ".json");
    }

    private Style read(String file) {
        return read.computeIfAbsent(file, name -> StyleFile.read(text(name)));
    }

    @Override
    public List<Style> all() {
        return FILES.stream().map(this::read).toList();
    }

    /** Reads the one file only: it is named after its style. */
    @Override
    public Style get(String name, int version) {
        String file = name.toLowerCase(Locale.ROOT).replace(' ', '-');
        return FILES.contains(file) ? read(file) : StyleShelf.super.get(name, version);
    }

    /** Styles that say only how captions move. */
    public List<Style> motions() {
        return MOTIONS.stream().map(file -> read("motions/" + file)).toList();
    }
}
