package saltdrum.media.emoji;

import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.PathBuilder;
import io.github.humbleui.types.RRect;
import io.github.humbleui.types.Rect;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLStreamReader;
import saltdrum.core.BadInputException;

/** The shapes of SVG 2, chapters 9 and 10, as paths in their own units. */
final class SvgShapes {
    private SvgShapes() {}

    /** @return null for an element that is no shape */
    static Path of(XMLStreamReader xml) {
        return switch (xml.getLocalName()) {
            case "path" -> written(xml.getAttributeValue(null, "d"));
            case "circle" -> oval(xml, number(xml, "r", 0), number(xml, "r", 0));
            case "ellipse" -> oval(xml, number(xml, "rx", 0), number(xml, "ry", 0));
            case "rect" -> rect(xml);
            case "polygon" -> through(points(xml), true);
            case "polyline" -> through(points(xml), false);
            case "line" ->
                through(
                        List.of(number(xml, "x1", 0), number(xml, "y1", 0), number(xml, "x2", 0), number(xml, "y2", 0)),
                        false);
            default -> null;
        };
    }

    private static Path written(String data) {
        Path path = data == null ? null : Path.makeFromSVGString(data);
        if (path == null) {
            throw new BadInputException("An outline of this drawing cannot be read.");
        }
        return path;
    }

    private static Path oval(XMLStreamReader xml, double rx, double ry) {
        double cx = number(xml, "cx", 0);
        double cy = number(xml, "cy", 0);
        PathBuilder oval = new PathBuilder();
        oval.addOval(Rect.makeLTRB((float) (cx - rx), (float) (cy - ry), (float) (cx + rx), (float) (cy + ry)));
        return oval.snapshot();
    }

    private static Path rect(XMLStreamReader xml) {
        float x = (float) number(xml, "x", 0);
        float y = (float) number(xml, "y", 0);
        float width = (float) number(xml, "width", 0);
        float height = (float) number(xml, "height", 0);
        double rx = number(xml, "rx", number(xml, "ry", 0));
        double ry = number(xml, "ry", rx);
        PathBuilder rect = new PathBuilder();
        if (rx > 0 && ry > 0) {
            rect.addRRect(RRect.makeXYWH(
                    x, y, width, height, (float) Math.min(rx, width / 2), (float) Math.min(ry, height / 2)));
        } else {
            rect.addRect(Rect.makeXYWH(x, y, width, height));
        }
        return rect.snapshot();
    }

    private static List<Double> points(XMLStreamReader xml) {
        String written = xml.getAttributeValue(null, "points");
        List<Double> numbers = new ArrayList<>();
        for (String number : written == null ? new String[0] : written.strip().split("[\\s,]+")) {
            numbers.add(Double.parseDouble(number));
        }
        return numbers;
    }

    private static Path through(List<Double> points, boolean closed) {
        PathBuilder path = new PathBuilder();
        for (int i = 0; i + 1 < points.size(); i += 2) {
            float x = points.get(i).floatValue();
            float y = points.get(i + 1).floatValue();
            if (i == 0) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        if (closed && points.size() > 3) {
            path.closePath();
        }
        return path.snapshot();
    }

    /** A length; units are left out, but for those of pixels. */
    static double number(XMLStreamReader xml, String name, double otherwise) {
        String value = xml.getAttributeValue(null, name);
        return value == null ? otherwise : Double.parseDouble(value.strip().replaceAll("px$", ""));
    }
}
