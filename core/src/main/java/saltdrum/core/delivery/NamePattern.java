package saltdrum.core.delivery;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.text.Quoted;

/**
 * The pattern for the file names of an order: text with fields in braces, such as {@code {clip} {style}}. A field that
 * is empty for a file is removed with the spaces around it.
 */
public final class NamePattern {
    public static final String USUAL = "{clip} · {style} · {frame} · {language} · {output}";

    private static final Pattern PLACE = Pattern.compile("\\{([^{}]*)\\}");
    /** What no file system of today takes in a name, and what would lead out of a folder. */
    private static final Pattern BARRED = Pattern.compile("[\\\\/:*?\"<>|\\p{Cntrl}]+");
    /** A dot between spaces, or a dash, with nothing on one of its sides. */
    private static final Pattern LOOSE = Pattern.compile("(^[\\s·_-]+)|([\\s·_-]+$)");

    private static final Pattern DOUBLE = Pattern.compile("\\s*([·_-])(\\s*[·_-])+\\s*");
    private static final int LONGEST = 120;

    private final String pattern;

    /** The placeholders of a name pattern. */
    public enum Place {
        CLIP("The clip’s name"),
        CLIENT("Its client"),
        STYLE("The style"),
        FRAME("The shape of the frame"),
        LANGUAGE("The language"),
        OUTPUT("What it is"),
        SIZE("Width and height"),
        DATE("The day"),
        NUMBER("Its number in the order");

        public final String about;

        Place(String about) {
            this.about = about;
        }

        public String written() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @throws BadInputException where it is empty, too long, or names a place that there is not */
    public NamePattern(String pattern) {
        if (pattern.isBlank()) {
            throw new BadInputException("Write a pattern for the file names.");
        }
        if (pattern.length() > LONGEST) {
            throw new BadInputException(
                    "The names' pattern has " + pattern.length() + " characters; " + LONGEST + " are the most.");
        }
        Matcher places = PLACE.matcher(pattern);
        while (places.find()) {
            of(places.group(1));
        }
        this.pattern = pattern;
    }

    private static Place of(String written) {
        for (Place place : Place.values()) {
            if (place.written().equals(written.strip().toLowerCase(Locale.ROOT))) {
                return place;
            }
        }
        throw new BadInputException("File names have no field " + Quoted.of("{" + written + "}") + ". There are: "
                + List.of(Place.values()).stream()
                        .map(place -> "{" + place.written() + "}")
                        .collect(Collectors.joining(", "))
                + ".");
    }

    /** Without its ending. */
    public String name(Map<Place, String> values) {
        String filled = PLACE.matcher(pattern)
                .replaceAll(place -> Matcher.quoteReplacement(values.getOrDefault(of(place.group(1)), "")));
        String name = BARRED.matcher(filled).replaceAll("-");
        name = DOUBLE.matcher(name).replaceAll(" $1 ");
        name = LOOSE.matcher(name.strip()).replaceAll("");
        name = name.replaceAll("\\s+", " ");
        name = name.length() > LONGEST ? name.substring(0, LONGEST).strip() : name;
        return name.isEmpty() || name.matches("\\.+") ? "clip" : name;
    }

    /**
     * Makes names unique, comparing them without case as some file systems do: duplicates get a number.
     *
     * @param taken names of other files, which none may have
     */
    public static List<String> apart(List<String> names, Collection<String> taken) {
        Map<String, Integer> seen = new HashMap<>();
        taken.forEach(name -> seen.put(name.toLowerCase(Locale.ROOT), 1));
        List<String> apart = new ArrayList<>();
        for (String name : names) {
            String key = name.toLowerCase(Locale.ROOT);
            int before = seen.merge(key, 1, Integer::sum);
            String unique = name;
            while (before > 1 && seen.containsKey(unique.toLowerCase(Locale.ROOT))) {
                int dot = name.lastIndexOf('.');
                unique = name.substring(0, dot < 0 ? name.length() : dot) + " (" + before++ + ")"
                        + (dot < 0 ? "" : name.substring(dot));
            }
            seen.putIfAbsent(unique.toLowerCase(Locale.ROOT), 1);
            apart.add(unique);
        }
        return apart;
    }
}
