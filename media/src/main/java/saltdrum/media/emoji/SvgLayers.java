package saltdrum.media.emoji;

import io.github.humbleui.skija.Matrix33;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.PathBuilder;
import io.github.humbleui.skija.PathFillMode;
import io.github.humbleui.types.Rect;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import saltdrum.core.BadInputException;
import saltdrum.core.scene.PictureLayer;
import saltdrum.media.outline.PathText;

/**
 * Simple SVG drawings as layers of flat colour in thousandths of their width: paths, circles, ellipses and rectangles with
 * fills, opacities and transforms. What is more than that is refused, and nothing outside the text is ever read.
 */
final class SvgLayers {
    private static final Map<String, String> NAMED =
            Map.of("red", "#ff0000", "green", "#008000", "blue", "#0000ff", "black", "#000000", "white", "#ffffff");
    private static final Pattern STEP = Pattern.compile("(matrix|translate|scale|rotate)\\(([^)]*)\\)");

    private final List<PictureLayer> layers = new ArrayList<>();
    private final Deque<Group> groups = new ArrayDeque<>();

    /** What holds for what lies in an element. */
    private record Group(Matrix33 way, String fill, double opacity, boolean evenOdd) {}

    private SvgLayers() {}

    /** @throws BadInputException when it holds what cannot be drawn exactly */
    static List<PictureLayer> of(String svg) {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        SvgLayers read = new SvgLayers();
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(new StringReader(svg));
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamReader.START_ELEMENT) {
                    read.begin(xml);
                } else if (event == XMLStreamReader.END_ELEMENT) {
                    read.groups.pop();
                }
            }
        } catch (XMLStreamException | NumberFormatException e) {
            throw new BadInputException("This drawing cannot be read.", e);
        }
        return List.copyOf(read.layers);
    }

    private void begin(XMLStreamReader xml) {
        String name = xml.getLocalName();
        if (groups.isEmpty()) {
            groups.push(new Group(box(xml), "#000000", 1, false));
            return;
        }
        if (attribute(xml, "clip-path") != null
                || attribute(xml, "stroke") != null
                || attribute(xml, "style") != null) {
            throw new BadInputException("A drawing of flat colours has no clips, strokes and styles.");
        }
        Group group = within(groups.peek(), xml);
        groups.push(group);
        switch (name) {
            case "g" -> {}
            case "path" -> add(Path.makeFromSVGString(attribute(xml, "d")), group);
            case "circle" -> {
                double r = number(xml, "r");
                ellipse(xml, r, r, group);
            }
            case "ellipse" -> ellipse(xml, number(xml, "rx"), number(xml, "ry"), group);
            case "rect" -> {
                PathBuilder rect = new PathBuilder();
                rect.addRect(Rect.makeXYWH(
                        (float) number(xml, "x"), (float) number(xml, "y"), (float) number(xml, "width"), (float)
                                number(xml, "height")));
                add(rect.snapshot(), group);
            }
            default -> throw new BadInputException("A drawing of flat colours has no “" + name + "”.");
        }
    }

    /** From its own units to thousandths. */
    private static Matrix33 box(XMLStreamReader xml) {
        String[] box = String.valueOf(attribute(xml, "viewBox")).trim().split("[\\s,]+");
        if (box.length != 4 || !(Double.parseDouble(box[2]) > 0)) {
            throw new BadInputException("A drawing says its viewBox.");
        }
        float scale = (float) (1000 / Double.parseDouble(box[2]));
        return Matrix33.makeScale(scale, scale)
                .makeConcat(Matrix33.makeTranslate(-Float.parseFloat(box[0]), -Float.parseFloat(box[1])));
    }

    private static Group within(Group around, XMLStreamReader xml) {
        String fill = attribute(xml, "fill");
        String rule = attribute(xml, "fill-rule");
        String transform = attribute(xml, "transform");
        double opacity = number(xml, "opacity", 1) * number(xml, "fill-opacity", 1);
        return new Group(
                transform == null ? around.way : around.way.makeConcat(matrix(transform)),
                fill == null ? around.fill : fill,
                around.opacity * opacity,
                rule == null ? around.evenOdd : rule.equals("evenodd"));
    }

    private static Matrix33 matrix(String transform) {
        Matrix33 all = Matrix33.IDENTITY;
        Matcher steps = STEP.matcher(transform);
        while (steps.find()) {
            String[] parts = steps.group(2).trim().split("[\\s,]+");
            float[] v = new float[parts.length];
            for (int i = 0; i < v.length; i++) {
                v[i] = Float.parseFloat(parts[i]);
            }
            all = all.makeConcat(
                    switch (steps.group(1)) {
                        case "matrix" -> new Matrix33(v[0], v[2], v[4], v[1], v[3], v[5], 0, 0, 1);
                        case "translate" -> Matrix33.makeTranslate(v[0], v.length > 1 ? v[1] : 0);
                        case "scale" -> Matrix33.makeScale(v[0], v.length > 1 ? v[1] : v[0]);
                        default ->
                            v.length > 2
                                    ? Matrix33.makeTranslate(v[1], v[2])
                                            .makeConcat(Matrix33.makeRotate(v[0]))
                                            .makeConcat(Matrix33.makeTranslate(-v[1], -v[2]))
                                    : Matrix33.makeRotate(v[0]);
                    });
        }
        return all;
    }

    private void ellipse(XMLStreamReader xml, double rx, double ry, Group group) {
        double cx = number(xml, "cx", 0);
        double cy = number(xml, "cy", 0);
        PathBuilder oval = new PathBuilder();
        oval.addOval(Rect.makeLTRB((float) (cx - rx), (float) (cy - ry), (float) (cx + rx), (float) (cy + ry)));
        add(oval.snapshot(), group);
    }

    private void add(Path path, Group group) {
        if (path == null) {
            throw new BadInputException("An outline of this drawing cannot be read.");
        }
        if (group.fill.equals("none") || group.opacity <= 0) {
            return;
        }
        Path placed = path.makeTransform(group.way);
        boolean evenOdd = group.evenOdd || path.getFillMode() == PathFillMode.EVEN_ODD;
        layers.add(new PictureLayer(PathText.of(placed) + stub(placed), colour(group), evenOdd));
    }

    /**
     * A second contour without ink: the two versions of Skia draw a path of one convex contour in different ways, and of
     * two in the same.
     */
    private static String stub(Path path) {
        Rect bounds = path.getBounds();
        long x = Math.round((bounds.getLeft() + bounds.getRight()) / 2);
        long y = Math.round((bounds.getTop() + bounds.getBottom()) / 2);
        return "M" + x + " " + y + "L" + x + " " + y + "Z";
    }

    private static String colour(Group group) {
        String fill = NAMED.getOrDefault(group.fill.toLowerCase(), group.fill.toLowerCase());
        if (fill.matches("#[0-9a-f]{3}")) {
            fill = "#" + fill.charAt(1) + fill.charAt(1) + fill.charAt(2) + fill.charAt(2) + fill.charAt(3)
                    + fill.charAt(3);
        }
        if (!fill.matches("#[0-9a-f]{6}")) {
            throw new BadInputException("A drawing of flat colours has no fill “" + group.fill + "”.");
        }
        return group.opacity >= 1 ? fill : fill + String.format("%02x", Math.round(255 * group.opacity));
    }

    private static String attribute(XMLStreamReader xml, String name) {
        return xml.getAttributeValue(null, name);
    }

    private static double number(XMLStreamReader xml, String name) {
        String value = attribute(xml, name);
        return value == null ? 0 : Double.parseDouble(value);
    }

    private static double number(XMLStreamReader xml, String name, double otherwise) {
        String value = attribute(xml, name);
        return value == null ? otherwise : Double.parseDouble(value);
    }
}
