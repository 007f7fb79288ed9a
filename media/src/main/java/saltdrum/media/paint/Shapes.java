package saltdrum.media.paint;

import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.Matrix33;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.PathBuilder;
import io.github.humbleui.skija.PathFillMode;
import io.github.humbleui.skija.Surface;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.PictureLayer;
import saltdrum.core.scene.Pixels;
import saltdrum.core.scene.Scene;

/** Outlines of marks, and the pictures that are made of them once: kept as long as their part is on the screen. */
final class Shapes implements AutoCloseable {
    /** Length of a cubic's arm for a quarter circle of radius 1: 4 (√2 − 1) / 3. */
    private static final double CIRCLE = 0.5522847498307936;

    private final Scene scene;
    final double scale;
    private final Map<String, Path> glyphs = new HashMap<>();
    private final Map<Object, Path> paths = new IdentityHashMap<>();
    private final Map<Pixels, Image> pictures = new IdentityHashMap<>();
    private final Map<Mark.Group, Blurs> blurs = new IdentityHashMap<>();
    private final Map<Mark, Map<Object, Sprite>> sprites = new IdentityHashMap<>();

    Shapes(Scene scene, double scale) {
        this.scene = scene;
        this.scale = scale;
    }

    /** A picture in output pixels at rest. @param finer how many times larger it is than it is drawn */
    record Sprite(Image image, int left, int top, double finer) {}

    /** @param of the mark itself, or the one of its coats that the picture is of */
    Sprite sprite(Mark mark, Object of, Supplier<Sprite> make) {
        return sprites.computeIfAbsent(mark, key -> new IdentityHashMap<>()).computeIfAbsent(of, key -> make.get());
    }

    Blurs blurs(Mark.Group group, Layers layers) {
        return blurs.computeIfAbsent(group, key -> new Blurs(layers));
    }

    /** All letters of a word as one path, design pixels. */
    Path letters(Mark.Glyphs word) {
        return paths.computeIfAbsent(word, key -> makeLetters(word));
    }

    /** A picture's layer in 1/1000 of its width. */
    Path layer(PictureLayer layer) {
        return paths.computeIfAbsent(layer, key -> {
            Path path = Path.makeFromSVGString(withStub(layer.path()));
            return layer.evenOdd() ? evenOdd(path) : path;
        });
    }

    private static Path evenOdd(Path path) {
        try (path;
                PathBuilder builder = new PathBuilder(path)) {
            return builder.setFillMode(PathFillMode.EVEN_ODD).build();
        }
    }

    /** The two rasterisers smooth a convex path in ways of their own; one more point, without area, makes it none. */
    static String withStub(String path) {
        return path + "M500 500L500 500Z";
    }

    /** With a clear pixel all around, so that its edges are smooth however it is turned. */
    Image pixels(Pixels pixels) {
        return pictures.computeIfAbsent(pixels, key -> {
            int side = key.side() + 2;
            try (Image file = Image.makeDeferredFromEncodedBytes(
                            Base64.getDecoder().decode(key.png()));
                    Surface surface = Surface.makeRasterN32Premul(side, side)) {
                surface.getCanvas().drawImage(file, 1, 1);
                return surface.makeImageSnapshot();
            }
        });
    }

    List<PictureLayer> picture(String name) {
        return scene.pictures().get(name);
    }

    private Path makeLetters(Mark.Glyphs word) {
        double s = word.size() / 1000;
        try (PathBuilder builder = new PathBuilder()) {
            for (Mark.PlacedGlyph placed : word.glyphs()) {
                Path glyph = glyphs.computeIfAbsent(
                        placed.glyph(),
                        key -> Path.makeFromSVGString(scene.glyphs().get(key)));
                try (Path there = glyph.makeTransform(new Matrix33(
                        (float) s,
                        0,
                        (float) (word.x() + placed.x() * s),
                        0,
                        (float) s,
                        (float) (word.y() + placed.y() * s),
                        0,
                        0,
                        1))) {
                    builder.addPath(there);
                }
            }
            return builder.build();
        }
    }

    static Path rectangle(Box box) {
        try (PathBuilder path = new PathBuilder()) {
            path.moveTo((float) box.x(), (float) box.y());
            path.lineTo((float) box.right(), (float) box.y());
            path.lineTo((float) box.right(), (float) box.bottom());
            path.lineTo((float) box.x(), (float) box.bottom());
            path.closePath();
            return path.build();
        }
    }

    /** Corners as cubic curves, the same calls as in the twin: each rasteriser has its own idea of a rounded box. */
    static Path roundedBox(Box box, double radius) {
        double x = box.x();
        double y = box.y();
        double r = x + box.width();
        double b = y + box.height();
        double k = radius * (1 - CIRCLE);
        try (PathBuilder path = new PathBuilder()) {
            path.moveTo((float) (x + radius), (float) y);
            path.lineTo((float) (r - radius), (float) y);
            corner(path, r - k, y, r, y + k, r, y + radius);
            path.lineTo((float) r, (float) (b - radius));
            corner(path, r, b - k, r - k, b, r - radius, b);
            path.lineTo((float) (x + radius), (float) b);
            corner(path, x + k, b, x, b - k, x, b - radius);
            path.lineTo((float) x, (float) (y + radius));
            corner(path, x, y + k, x + k, y, x + radius, y);
            path.closePath();
            return path.build();
        }
    }

    private static void corner(PathBuilder path, double x1, double y1, double x2, double y2, double x, double y) {
        path.cubicTo((float) x1, (float) y1, (float) x2, (float) y2, (float) x, (float) y);
    }

    @Override
    public void close() {
        List<AutoCloseable> old = new ArrayList<>(glyphs.values());
        old.addAll(paths.values());
        old.addAll(pictures.values());
        old.addAll(blurs.values());
        sprites.values().forEach(ofMark -> ofMark.values().forEach(sprite -> old.add(sprite.image)));
        glyphs.clear();
        paths.clear();
        pictures.clear();
        blurs.clear();
        sprites.clear();
        for (AutoCloseable shape : old) {
            try {
                shape.close();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        }
    }
}
