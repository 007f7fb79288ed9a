package saltdrum.core.format.file;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * The position that a caption file gives to a cue: a rectangle in hundredths of the picture, the edge its lines
 * gather at (TTML 2 displayAlign: before, center or after) and their alignment (TTML 2 textAlign). Also written as
 * WebVTT cue settings, so that converting between formats preserves the position of the text. The rectangle's far
 * edge is not preserved, because no text touches it.
 */
public record Region(double x, double y, double width, double height, String displayAlign, String textAlign) {
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3}(?:\\.\\d{1,9})?)%");
    private static final Pattern SETTING = Pattern.compile("(line|position|size|align|vertical|region):(\\S+)");

    /** WebVTT cue settings (W3C Candidate Recommendation of 4 April 2019, section 3.4). */
    public String settings() {
        String line =
                switch (displayAlign) {
                    case "after" -> percent(y + height) + ",end";
                    case "center" -> percent(y + height / 2) + ",center";
                    default -> percent(y) + ",start";
                };
        String position =
                switch (textAlign) {
                    case "left", "start" -> percent(x) + ",line-left";
                    case "right", "end" -> percent(x + width) + ",line-right";
                    default -> percent(x + width / 2) + ",center";
                };
        return "line:" + line + " position:" + position + " size:" + percent(width) + " align:" + textAlign;
    }

    /** @return null where the settings name a line by number, a region or vertical text, or put the cue nowhere */
    public static Region of(String settings) {
        Map<String, String> given = new HashMap<>();
        Matcher setting = SETTING.matcher(settings);
        while (setting.find()) {
            given.put(setting.group(1), setting.group(2));
        }
        String[] line = given.getOrDefault("line", "").split(",", -1);
        Double at = percent(line[0]);
        if (at == null || given.containsKey("vertical") || given.containsKey("region")) {
            return null;
        }
        String align = given.getOrDefault("align", "center");
        if (!align.matches("start|left|center|right|end")) {
            return null;
        }
        double width = among(given.get("size"), 100);
        boolean left = align.equals("left") || align.equals("start");
        boolean right = align.equals("right") || align.equals("end");
        String[] position = given.getOrDefault("position", "").split(",", -1);
        double anchor = among(position[0], left ? 0 : right ? 100 : 50);
        String side = position.length > 1 ? position[1] : left ? "line-left" : right ? "line-right" : "center";
        double x =
                switch (side) {
                    case "line-left" -> anchor;
                    case "line-right" -> anchor - width;
                    default -> anchor - width / 2;
                };
        x = Math.max(0, Math.min(x, 100 - width));
        return switch (line.length > 1 ? line[1] : "start") {
            case "end" -> new Region(x, 0, width, at, "after", align);
            case "center" -> {
                double half = Math.min(at, 100 - at);
                yield new Region(x, at - half, width, 2 * half, "center", align);
            }
            default -> new Region(x, at, width, 100 - at, "before", align);
        };
    }

    /** A TTML region; the prefixes xml and tts must be bound. */
    public void write(XMLStreamWriter xml, String id) throws XMLStreamException {
        xml.writeEmptyElement("region");
        xml.writeAttribute("xml:id", id);
        xml.writeAttribute("tts:origin", origin());
        xml.writeAttribute("tts:extent", extent());
        xml.writeAttribute("tts:displayAlign", displayAlign);
        xml.writeAttribute("tts:textAlign", textAlign);
    }

    public String origin() {
        return percent(x) + " " + percent(y);
    }

    public String extent() {
        return percent(width) + " " + percent(height);
    }

    private static double among(String text, double otherwise) {
        Double value = text == null ? null : percent(text);
        return value == null ? otherwise : value;
    }

    /** @return from 0 to 100, or null */
    public static Double percent(String text) {
        Matcher matcher = PERCENT.matcher(text);
        return matcher.matches() && Double.parseDouble(matcher.group(1)) <= 100
                ? Double.valueOf(matcher.group(1))
                : null;
    }

    private static String percent(double value) {
        double clamped = Math.max(0, Math.min(100, value));
        return String.format(Locale.ROOT, "%.2f", clamped).replaceAll("\\.?0+$", "") + "%";
    }
}
