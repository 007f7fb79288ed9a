package saltdrum.core.format.ttml;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.xml.stream.XMLStreamReader;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.Region;
import saltdrum.core.text.Quoted;

/**
 * The regions and styles of a TTML file's head (TTML 2, sections 8 to 11), as far as they put text somewhere: origin,
 * extent, displayAlign and textAlign, given on the element, in styles inside it or in styles it refers to. Colours and
 * fonts are noted, not kept.
 */
final class TtmlLayout {
    private static final Set<String> PLACING = Set.of("origin", "extent", "displayAlign", "textAlign");
    private static final Set<String> EMPHASIS = Set.of("fontWeight", "fontStyle");

    private final Map<String, Map<String, String>> styles = new HashMap<>();
    private final Map<String, Map<String, String>> regions = new HashMap<>();
    private final Set<String> unreadable = new HashSet<>();
    private double[] root;
    private Map<String, String> open;
    /** Whether colours, fonts or other looks were met. */
    private boolean looks;

    /** The position attributes of an element, completed with those inherited from its parent. */
    record Place(String region, String textAlign) {
        static final Place NONE = new Place(null, null);
    }

    void begin(XMLStreamReader xml) {
        Map<String, String> given = given(xml);
        String id = xml.getAttributeValue(Ttml.XML, "id");
        switch (xml.getLocalName()) {
            case "tt" -> root = pixels(given.get("extent"));
            case "region" -> {
                open = given;
                if (id != null) {
                    regions.put(id, given);
                }
            }
            case "style" -> {
                if (open != null) {
                    given.forEach(open::putIfAbsent);
                } else if (id != null) {
                    styles.put(id, given);
                }
            }
            default -> {}
        }
    }

    void end(String name) {
        if (name.equals("region")) {
            open = null;
        }
    }

    Place place(XMLStreamReader xml, Place around) {
        String region = xml.getAttributeValue(null, "region");
        String align = given(xml).get("textAlign");
        return new Place(region == null ? around.region : region, align == null ? around.textAlign : align);
    }

    /** The place as WebVTT cue settings; null where the file puts the cue nowhere. */
    String settings(Place place) {
        Map<String, String> given = place.region == null ? null : regions.get(place.region);
        if (given == null) {
            return null;
        }
        double[] origin = pair(given.get("origin"), 0);
        double[] extent = pair(given.get("extent"), 100);
        if (origin == null || extent == null) {
            unreadable.add(place.region);
            return null;
        }
        String align = place.textAlign != null ? place.textAlign : given.getOrDefault("textAlign", "start");
        return new Region(
                        origin[0],
                        origin[1],
                        Math.min(extent[0], 100 - origin[0]),
                        Math.min(extent[1], 100 - origin[1]),
                        given.getOrDefault("displayAlign", "before"),
                        align.matches("left|center|right|end") ? align : "start")
                .settings();
    }

    private Map<String, String> given(XMLStreamReader xml) {
        Map<String, String> given = new HashMap<>();
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            if (Ttml.STYLING.equals(xml.getAttributeNamespace(i))) {
                String name = xml.getAttributeLocalName(i);
                if (PLACING.contains(name)) {
                    given.put(name, xml.getAttributeValue(i).strip());
                } else if (!EMPHASIS.contains(name)) {
                    looks = true;
                }
            }
        }
        String referred = xml.getAttributeValue(null, "style");
        if (referred != null) {
            for (String id : referred.strip().split("\\s+")) {
                styles.getOrDefault(id, Map.of()).forEach(given::putIfAbsent);
            }
        }
        return given;
    }

    /** Two lengths as hundredths of the picture; null where they cannot be read. */
    private double[] pair(String text, double otherwise) {
        if (text == null || text.equals("auto")) {
            return new double[] {otherwise, otherwise};
        }
        double[] pixels = root == null ? null : pixels(text);
        if (pixels != null) {
            return new double[] {
                Math.min(100, 100 * pixels[0] / Math.max(1, root[0])),
                Math.min(100, 100 * pixels[1] / Math.max(1, root[1]))
            };
        }
        String[] parts = text.split("\\s+");
        Double first = Region.percent(parts[0]);
        Double second = parts.length == 2 ? Region.percent(parts[1]) : null;
        return first == null || second == null ? null : new double[] {first, second};
    }

    private static double[] pixels(String text) {
        if (text == null || !text.matches("\\d{1,5}(\\.\\d{1,5})?px\\s+\\d{1,5}(\\.\\d{1,5})?px")) {
            return null;
        }
        String[] parts = text.replace("px", "").split("\\s+");
        return new double[] {Double.parseDouble(parts[0]), Double.parseDouble(parts[1])};
    }

    /** What of the file's places and looks is not kept. */
    List<CaptionFile.Repair> repairs() {
        List<CaptionFile.Repair> repairs = new ArrayList<>();
        for (String region : unreadable) {
            repairs.add(new CaptionFile.Repair(
                    0,
                    "the place of region " + Quoted.of(region) + " cannot be read: its cues are placed by the style"));
        }
        if (looks) {
            repairs.add(new CaptionFile.Repair(0, "colours and fonts were left out: the track's style gives the look"));
        }
        return repairs;
    }
}
