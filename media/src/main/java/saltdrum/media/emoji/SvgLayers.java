package saltdrum.media.emoji;

import io.github.humbleui.skija.Matrix33;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.PaintMode;
import io.github.humbleui.skija.PaintStrokeCap;
import io.github.humbleui.skija.PaintStrokeJoin;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.PathBuilder;
import io.github.humbleui.skija.PathFillMode;
import io.github.humbleui.types.Rect;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import saltdrum.core.BadInputException;
import saltdrum.core.scene.PictureLayer;
import saltdrum.core.text.Quoted;
import saltdrum.media.outline.PathText;

/**
 * Simple SVG drawings as layers of flat colour, in thousandths of the square they are set in the middle of: shapes with
 * fills, strokes, opacities and transforms. What is more than that is refused, and nothing outside the text is ever read.
 */
final class SvgLayers {
    private static final int MOST_ELEMENTS = 4000;
    private static final int MOST_DEPTH = 60;
    /** How much finer than its own units a stroke's outline is: drawings may be of 16 units and shown on 1000 pixels. */
    private static final float FINE = 40;

    private static final String SVG = "http://www.w3.org/2000/svg";
    /** They say something about the drawing and draw nothing. */
    private static final Set<String> ABOUT = Set.of("title", "desc", "metadata");

    private static final Pattern STEP = Pattern.compile("(matrix|translate|scale|rotate)\\(([^)]*)\\)");

    private final List<PictureLayer> layers = new ArrayList<>();
    private final Deque<SvgPen> groups = new ArrayDeque<>();
    private int elements;

    private SvgLayers() {}

    /** @throws BadInputException when it holds what cannot be drawn exactly */
    static List<PictureLayer> of(String svg) {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        SvgLayers read = new SvgLayers();
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(new StringReader(svg));
            int about = 0;
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamReader.START_ELEMENT) {
                    about += about > 0 || read.saysOnly(xml) ? 1 : 0;
                    if (about == 0) {
                        read.begin(xml);
                    }
                } else if (event == XMLStreamReader.END_ELEMENT) {
                    if (about > 0) {
                        about--;
                    } else {
                        read.groups.pop();
                    }
                }
            }
        } catch (XMLStreamException | IllegalArgumentException e) {
            throw new BadInputException("This drawing cannot be read.", e);
        }
        return List.copyOf(read.layers);
    }

    /** Remarks, and what drawing programs note for themselves. */
    private boolean saysOnly(XMLStreamReader xml) {
        String space = xml.getNamespaceURI();
        return !groups.isEmpty()
                && (ABOUT.contains(xml.getLocalName()) || space != null && !space.isEmpty() && !space.equals(SVG));
    }

    private void begin(XMLStreamReader xml) {
        String name = xml.getLocalName();
        if (++elements > MOST_ELEMENTS || groups.size() > MOST_DEPTH) {
            throw new BadInputException(
                    "This drawing has more than " + MOST_ELEMENTS + " parts, or parts in " + MOST_DEPTH + " others.");
        }
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            String attribute = xml.getAttributeLocalName(i);
            if (attribute.startsWith("on") || attribute.equals("href")) {
                throw new BadInputException(
                        "A drawing cannot have scripts or references to anything else; this one has "
                                + Quoted.of(attribute) + ".");
            }
        }
        if (groups.isEmpty()) {
            if (!name.equals("svg")) {
                throw new BadInputException("This is not an SVG drawing.");
            }
            groups.push(SvgPen.FIRST.moved(box(xml)).with(SvgStyle.of(xml)));
            return;
        }
        if (xml.getAttributeValue(null, "clip-path") != null
                || xml.getAttributeValue(null, "mask") != null
                || xml.getAttributeValue(null, "filter") != null) {
            throw new BadInputException("A drawing with flat colours cannot have clips, masks or filters.");
        }
        SvgPen pen = groups.peek().with(SvgStyle.of(xml));
        String transform = xml.getAttributeValue(null, "transform");
        pen = transform == null ? pen : pen.moved(matrix(transform));
        groups.push(pen);
        Path shape = SvgShapes.of(xml);
        if (shape != null) {
            add(shape, pen);
        } else if (!name.equals("g") && !name.equals("defs")) {
            throw new BadInputException("A drawing with flat colours cannot have " + Quoted.of(name) + ".");
        }
    }

    /** From its own units to thousandths of a square. */
    private static Matrix33 box(XMLStreamReader xml) {
        String viewBox = xml.getAttributeValue(null, "viewBox");
        String[] said = viewBox == null ? new String[0] : viewBox.strip().split("[\\s,]+");
        boolean boxed = said.length == 4;
        double x = boxed ? Double.parseDouble(said[0]) : 0;
        double y = boxed ? Double.parseDouble(said[1]) : 0;
        double width = boxed ? Double.parseDouble(said[2]) : SvgShapes.number(xml, "width", 0);
        double height = boxed ? Double.parseDouble(said[3]) : SvgShapes.number(xml, "height", 0);
        double side = Math.max(width, height);
        if (!(width > 0 && height > 0 && side < 1e6)) {
            throw new BadInputException("A drawing needs a viewBox, or a width and a height.");
        }
        float scale = (float) (1000 / side);
        return Matrix33.makeScale(scale, scale)
                .makeConcat(
                        Matrix33.makeTranslate((float) ((side - width) / 2 - x), (float) ((side - height) / 2 - y)));
    }

    private static Matrix33 matrix(String transform) {
        Matrix33 all = Matrix33.IDENTITY;
        Matcher steps = STEP.matcher(transform);
        while (steps.find()) {
            String[] parts = steps.group(2).trim().split("[\\s,]+");
            float[] v = new float[Math.max(parts.length, steps.group(1).equals("matrix") ? 6 : 1)];
            for (int i = 0; i < parts.length; i++) {
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

    private void add(Path path, SvgPen pen) {
        if (!SvgColours.none(pen.fill()) && pen.opacity() * pen.fillOpacity() > 0) {
            boolean evenOdd = pen.evenOdd() || path.getFillMode() == PathFillMode.EVEN_ODD;
            layer(path, pen, SvgColours.of(pen.fill(), pen.opacity() * pen.fillOpacity()), evenOdd);
        }
        if (!SvgColours.none(pen.stroke()) && pen.strokeWidth() > 0) {
            try (Paint line = new Paint()) {
                line.setMode(PaintMode.STROKE)
                        .setStrokeWidth((float) pen.strokeWidth())
                        .setStrokeCap(pen.round() ? PaintStrokeCap.ROUND : PaintStrokeCap.BUTT)
                        .setStrokeJoin(pen.round() ? PaintStrokeJoin.ROUND : PaintStrokeJoin.MITER);
                String colour = SvgColours.of(pen.stroke(), pen.opacity() * pen.strokeOpacity());
                PathBuilder outline = new PathBuilder();
                path.fillWithPaint(line, outline, FINE);
                layer(outline.snapshot(), pen, colour, false);
            }
        }
    }

    private void layer(Path path, SvgPen pen, String colour, boolean evenOdd) {
        Path placed = path.makeTransform(pen.way());
        if (!placed.isFinite()) {
            throw new BadInputException("A shape of this drawing has a position that is not finite.");
        }
        if (!placed.isEmpty()) {
            String text = PathText.of(placed);
            // By what is written, so that it is the same when that is read again; then it is there already.
            String stub = stub(Path.makeFromSVGString(text));
            layers.add(new PictureLayer(text.endsWith(stub) ? text : text + stub, colour, evenOdd));
        }
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
}
