package saltdrum.media.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Color4f;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageFilter;
import io.github.humbleui.skija.Matrix33;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.PaintMode;
import io.github.humbleui.skija.PaintStrokeCap;
import io.github.humbleui.skija.PaintStrokeJoin;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.PathBuilder;
import io.github.humbleui.skija.SamplingMode;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.types.Rect;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.colour.Colours;
import saltdrum.core.scene.Box;
import saltdrum.core.scene.CueScene;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;

/**
 * Paints a scene at a scale into a canvas. Its twin is {@code web/src/stage/painter.ts}: every step here stands there
 * in the same order with the same numbers. One thread at a time; shapes are cached for the cue on the screen only.
 */
public final class Painter implements AutoCloseable {
    private static final SamplingMode SMOOTH = SamplingMode.LINEAR;

    /** Length of a cubic's arm for a quarter circle of radius 1: 4 (√2 − 1) / 3. */
    private static final double CIRCLE = 0.5522847498307936;

    private final Scene scene;
    private final double scale;
    private final Map<String, Path> glyphs = new HashMap<>();
    private final Map<Mark, Path> runs = new IdentityHashMap<>();
    private final Map<Mark, SoftShadow> shadows = new IdentityHashMap<>();
    private final Map<Mark, Sprite> sprites = new IdentityHashMap<>();
    private CueScene cached;

    /** @param scale output pixels a design pixel */
    public Painter(Scene scene, double scale) {
        this.scene = scene;
        this.scale = scale;
    }

    /** Draws over what is there. The canvas' origin stands for output pixel {@code left, top} of the frame. */
    public void paint(Canvas canvas, SceneAt at, int left, int top) {
        if (at.cue() == null) {
            return;
        }
        if (at.cue() != cached) {
            forgetCue();
            cached = at.cue();
        }
        for (int i = 0; i < at.states().size(); i++) {
            Mark mark = at.cue().marks().get(i);
            MarkState state = at.states().get(i);
            if (state.opacity() <= 0 || state.scale() == 0 || state.extent() <= 0) {
                continue;
            }
            canvas.setMatrix(matrix(mark, state, left, top));
            if (mark instanceof Mark.GlyphRun run) {
                paintRun(canvas, run, state, left, top);
            } else if (mark instanceof Mark.Plate plate) {
                paintPlate(canvas, plate, state);
            }
        }
        canvas.resetMatrix();
    }

    /** Design pixels to output pixels: scaled and turned about the pivot, then shifted. */
    private Matrix33 matrix(Mark mark, MarkState state, int left, int top) {
        double turn = state.rotation() / 180 * Math.PI;
        double a = Math.cos(turn) * state.scale();
        double b = Math.sin(turn) * state.scale();
        double px = mark.pivotX();
        double py = mark.pivotY();
        double e = px + state.x() - a * px + b * py;
        double f = py + state.y() - b * px - a * py;
        double s = scale;
        return new Matrix33(
                (float) (s * a),
                (float) (s * -b),
                (float) (s * e - left),
                (float) (s * b),
                (float) (s * a),
                (float) (s * f - top),
                0,
                0,
                1);
    }

    private void paintPlate(Canvas canvas, Mark.Plate plate, MarkState state) {
        double width = plate.width() * state.extent();
        try (Paint paint = fill(state.fill(), state.opacity());
                Path path =
                        roundedBox(plate.x(), plate.y(), width, plate.height(), Math.min(plate.radius(), width / 2))) {
            canvas.drawPath(path, paint);
        }
    }

    /** Corners as cubic curves, the same calls as in the twin: each rasteriser has its own idea of a rounded box. */
    private static Path roundedBox(double x, double y, double width, double height, double radius) {
        double r = x + width;
        double b = y + height;
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

    private void paintRun(Canvas canvas, Mark.GlyphRun run, MarkState state, int left, int top) {
        if (unchangedInShape(run, state)) {
            Sprite sprite = sprites.computeIfAbsent(run, m -> sprite((Mark.GlyphRun) m));
            canvas.resetMatrix();
            try (Paint paint = new Paint().setAlphaf(Math.round(state.opacity() * 255) / 255f)) {
                canvas.drawImageRect(
                        sprite.image,
                        Rect.makeWH(sprite.image.getWidth(), sprite.image.getHeight()),
                        Rect.makeXYWH(
                                (float) (sprite.left - left + state.x() * scale),
                                (float) (sprite.top - top + state.y() * scale),
                                sprite.image.getWidth(),
                                sprite.image.getHeight()),
                        SMOOTH,
                        paint,
                        true);
            }
            return;
        }
        drawRun(canvas, run, state);
    }

    /** Whether the mark is a word as it is at rest, however faint and wherever it has moved. */
    static boolean unchangedInShape(Mark mark, MarkState state) {
        return mark instanceof Mark.GlyphRun run
                && state.scale() == 1
                && state.rotation() == run.tilt()
                && state.extent() == 1
                && state.fill().equals(run.paint().fill());
    }

    private static MarkState atRest(Mark.GlyphRun run) {
        return new MarkState(1, 0, 0, 1, run.tilt(), 1, run.paint().fill());
    }

    /** A word at rest, painted once: most words of most frames stand still or only move. At rest nothing is resampled. */
    private record Sprite(Image image, int left, int top) {}

    private Sprite sprite(Mark.GlyphRun run) {
        Box ink = InkBounds.of(List.of(new Mark.GlyphRun(
                run.wordId(),
                run.x(),
                run.y(),
                run.size(),
                run.pivotX(),
                run.pivotY(),
                run.tilt(),
                run.glyphs(),
                run.paint(),
                run.ink(),
                List.of())));
        int left = (int) Math.floor(ink.x() * scale);
        int top = (int) Math.floor(ink.y() * scale);
        int width = (int) Math.ceil(ink.right() * scale) - left;
        int height = (int) Math.ceil(ink.bottom() * scale) - top;
        try (Surface surface = Surface.makeRasterN32Premul(width, height)) {
            surface.getCanvas().setMatrix(matrix(run, atRest(run), left, top));
            drawRun(surface.getCanvas(), run, atRest(run));
            return new Sprite(surface.makeImageSnapshot(), left, top);
        }
    }

    private void drawRun(Canvas canvas, Mark.GlyphRun run, MarkState state) {
        Path path = runs.computeIfAbsent(run, m -> runPath((Mark.GlyphRun) m));
        boolean single = run.paint().shadow() == null && run.paint().outline() <= 0;
        if (single) {
            try (Paint paint = fill(state.fill(), state.opacity())) {
                canvas.drawPath(path, paint);
            }
            return;
        }
        boolean layer = state.opacity() < 1;
        if (layer) {
            try (Paint paint = new Paint().setAlphaf(Math.round(state.opacity() * 255) / 255f)) {
                Box ink = run.ink().grown(4);
                canvas.saveLayer(
                        Rect.makeXYWH((float) ink.x(), (float) ink.y(), (float) ink.width(), (float) ink.height()),
                        paint);
            }
        }
        paintShadow(canvas, run, path);
        if (run.paint().outline() > 0) {
            try (Paint paint = stroke(run.paint().outlineColour(), run.paint().outline())) {
                canvas.drawPath(path, paint);
            }
        }
        try (Paint paint = fill(state.fill(), 1)) {
            canvas.drawPath(path, paint);
        }
        if (layer) {
            canvas.restore();
        }
    }

    private void paintShadow(Canvas canvas, Mark.GlyphRun run, Path path) {
        Mark.Cast cast = run.paint().shadow();
        if (cast == null) {
            return;
        }
        if (cast.sigma() <= 0) {
            canvas.save();
            canvas.translate((float) cast.dx(), (float) cast.dy());
            drawSilhouette(canvas, path, run.paint().outline(), cast.colour());
            canvas.restore();
            return;
        }
        SoftShadow soft = shadows.computeIfAbsent(run, m -> softShadow((Mark.GlyphRun) m, path));
        canvas.drawImageRect(
                soft.image, Rect.makeWH(soft.image.getWidth(), soft.image.getHeight()), soft.place, SMOOTH, null, true);
    }

    private static void drawSilhouette(Canvas canvas, Path path, double outline, String colour) {
        if (outline > 0) {
            try (Paint paint = stroke(colour, outline)) {
                canvas.drawPath(path, paint);
            }
        }
        try (Paint paint = fill(colour, 1)) {
            canvas.drawPath(path, paint);
        }
    }

    /** A blurred silhouette in output pixels at rest, and where it lies in design pixels. */
    private record SoftShadow(Image image, Rect place) {}

    private SoftShadow softShadow(Mark.GlyphRun run, Path path) {
        Mark.Cast cast = run.paint().shadow();
        double sigma = cast.sigma() * scale;
        Box ink = run.ink().grown(3 * cast.sigma() + 2);
        int left = (int) Math.floor(ink.x() * scale);
        int top = (int) Math.floor(ink.y() * scale);
        int width = (int) Math.ceil(ink.right() * scale) - left;
        int height = (int) Math.ceil(ink.bottom() * scale) - top;
        Color4f colour = colour(cast.colour(), 1);
        try (Surface sharp = Surface.makeRasterN32Premul(width, height);
                Surface blurred = Surface.makeRasterN32Premul(width, height)) {
            Canvas canvas = sharp.getCanvas();
            canvas.setMatrix(new Matrix33(
                    (float) scale,
                    0,
                    (float) (cast.dx() * scale - left),
                    0,
                    (float) scale,
                    (float) (cast.dy() * scale - top),
                    0,
                    0,
                    1));
            drawSilhouette(canvas, path, run.paint().outline(), "#000000");
            try (Image silhouette = sharp.makeImageSnapshot();
                    ImageFilter filter =
                            ImageFilter.makeDropShadowOnly(0, 0, (float) sigma, (float) sigma, colour.toColor());
                    Paint paint = new Paint().setImageFilter(filter)) {
                blurred.getCanvas().drawImage(silhouette, 0, 0, paint);
            }
            return new SoftShadow(
                    blurred.makeImageSnapshot(),
                    Rect.makeXYWH((float) (left / scale), (float) (top / scale), (float) (width / scale), (float)
                            (height / scale)));
        }
    }

    private Path runPath(Mark.GlyphRun run) {
        double s = run.size() / 1000;
        try (PathBuilder builder = new PathBuilder()) {
            for (Mark.PlacedGlyph placed : run.glyphs()) {
                Path glyph = glyphs.computeIfAbsent(
                        placed.glyph(),
                        key -> Path.makeFromSVGString(scene.glyphs().get(key)));
                try (Path there = glyph.makeTransform(new Matrix33(
                        (float) s,
                        0,
                        (float) (run.x() + placed.x() * s),
                        0,
                        (float) s,
                        (float) (run.y() + placed.y() * s),
                        0,
                        0,
                        1))) {
                    builder.addPath(there);
                }
            }
            return builder.build();
        }
    }

    private static Paint fill(String colour, double opacity) {
        return new Paint().setColor4f(colour(colour, opacity));
    }

    private static Paint stroke(String colour, double outline) {
        return fill(colour, 1)
                .setMode(PaintMode.STROKE)
                .setStrokeWidth((float) (2 * outline))
                .setStrokeJoin(PaintStrokeJoin.ROUND)
                .setStrokeCap(PaintStrokeCap.BUTT);
    }

    /** Alpha times opacity, rounded to one of 256 steps as the browser's colours are. */
    private static Color4f colour(String written, double opacity) {
        int[] c = Colours.channels(written);
        return new Color4f(c[0] / 255f, c[1] / 255f, c[2] / 255f, Math.round(c[3] * opacity) / 255f);
    }

    private void forgetCue() {
        List<AutoCloseable> old = new ArrayList<>(runs.values());
        shadows.values().forEach(soft -> old.add(soft.image));
        sprites.values().forEach(sprite -> old.add(sprite.image));
        sprites.clear();
        runs.clear();
        shadows.clear();
        for (AutoCloseable shape : old) {
            try {
                shape.close();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        }
    }

    @Override
    public void close() {
        forgetCue();
        glyphs.values().forEach(Path::close);
        glyphs.clear();
    }
}
