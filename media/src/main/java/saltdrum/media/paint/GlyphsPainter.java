package saltdrum.media.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageFilter;
import io.github.humbleui.skija.Matrix33;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.SamplingMode;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.types.Rect;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.GroupTransforms;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;

/** Paints a word: a copy of what it is at rest while it only moves or fades, else letter by letter. */
final class GlyphsPainter {
    private static final SamplingMode SMOOTH = SamplingMode.LINEAR;

    /** The twins' blurs are the same from this many output pixels on; a smaller one is made larger and drawn smaller. */
    private static final double LEAST_SIGMA = 2;

    /**
     * Wider blurs are made at half the size, repeatedly, and enlarged: the difference is invisible and the cost a
     * quarter.
     */
    private static final double WIDE_SIGMA = 4;

    private static final int FINEST = 8;
    private static final double MOST_ENLARGED = 1.3;

    private final Shapes shapes;
    private final Layers layers;
    private final double scale;

    GlyphsPainter(Shapes shapes, Layers layers, double scale) {
        this.shapes = shapes;
        this.layers = layers;
        this.scale = scale;
    }

    void paint(PaintTarget target, Mark.Glyphs word, MarkState state, GroupTransforms around) {
        if (copied(word, state, around)) {
            double x = around.right(state.x(), state.y()) * scale - target.left();
            double y = around.down(state.x(), state.y()) * scale - target.top();
            copy(target, atRest(word, around), x, y, state.opacity());
            return;
        }
        Affine way = around.way().of(Affine.of(word.pose(), state));
        if (turned(word, state, way)) {
            turned(target, word, way, around, state.opacity());
            return;
        }
        Path path = shapes.letters(word);
        if (state.opacity() >= 1) {
            target.go(way, scale);
            coats(target.canvas(), word, path, state.fill());
        } else if (PaintLayersPainter.single(word.coats(), state.fill())) {
            target.go(way, scale);
            PaintLayersPainter.single(target.canvas(), path, word.coats(), state.fill(), state.opacity());
        } else {
            Layers.Layer layer = layers.take(target, InkBounds.at(word, state, around.way()), scale);
            if (layer != null) {
                layer.target().go(way, scale);
                coats(layer.target().canvas(), word, path, state.fill());
                try (Paint paint = Paints.alpha(state.opacity())) {
                    layers.lay(target, layer, paint);
                }
            }
        }
    }

    /** Whether the mark is drawn by copying pixels, which may be cut anywhere. */
    static boolean copied(Mark mark, MarkState state, GroupTransforms around) {
        return mark instanceof Mark.Glyphs && state.keepsShape() && around.shifted();
    }

    /** Whether the cached picture of an expensive word is turned and scaled, as long as it is not enlarged much. */
    private static boolean turned(Mark.Glyphs word, MarkState state, Affine way) {
        return word.costly() && state.fill() == null && way.scale() <= MOST_ENLARGED;
    }

    private void turned(PaintTarget target, Mark.Glyphs word, Affine way, GroupTransforms around, double opacity) {
        Shapes.Sprite sprite = atRest(word, around);
        target.go(way.of(restOf(word, around).undone()), scale);
        try (Paint paint = Paints.alpha(opacity)) {
            drawn(target.canvas(), sprite, scale, paint);
        }
    }

    private static void copy(PaintTarget target, Shapes.Sprite sprite, double x, double y, double opacity) {
        target.rest();
        try (Paint paint = Paints.alpha(opacity)) {
            target.canvas()
                    .drawImageRect(
                            sprite.image(),
                            Rect.makeWH(
                                    sprite.image().getWidth(), sprite.image().getHeight()),
                            Rect.makeXYWH(
                                    (float) (sprite.left() + x),
                                    (float) (sprite.top() + y),
                                    sprite.image().getWidth(),
                                    sprite.image().getHeight()),
                            SMOOTH,
                            paint,
                            true);
        }
    }

    /** Most words of most frames are still or only move. At rest nothing is resampled. */
    private Shapes.Sprite atRest(Mark.Glyphs word, GroupTransforms around) {
        return shapes.sprite(word, word, () -> atRest(word, restOf(word, around)));
    }

    private static Affine restOf(Mark.Glyphs word, GroupTransforms around) {
        return around.atRest().of(Affine.of(word.pose(), MarkState.REST));
    }

    private Shapes.Sprite atRest(Mark.Glyphs word, Affine way) {
        Box ink = way.of(word.ink()).grown(3);
        int left = (int) Math.floor(ink.x() * scale);
        int top = (int) Math.floor(ink.y() * scale);
        int width = (int) Math.ceil(ink.right() * scale) - left;
        int height = (int) Math.ceil(ink.bottom() * scale) - top;
        try (Surface surface = Surface.makeRasterN32Premul(width, height)) {
            PaintTarget own = new PaintTarget(surface.getCanvas(), left, top, width, height);
            own.go(way, scale);
            coats(own.canvas(), word, shapes.letters(word), null);
            return new Shapes.Sprite(surface.makeImageSnapshot(), left, top, 1);
        }
    }

    private void coats(Canvas canvas, Mark.Glyphs word, Path path, String over) {
        PaintLayersPainter.paint(
                canvas,
                path,
                word.coats(),
                over,
                cast -> soft(canvas, word, path, cast),
                (on, cast) -> silhouette(on, path, cast, cast.colour()));
    }

    private static void silhouette(Canvas canvas, Path path, PaintLayer.Shadow cast, String colour) {
        if (cast.grow() > 0) {
            try (Paint paint = Paints.stroke(Paints.solid(colour, 1), cast.grow(), PaintLayer.Join.ROUND)) {
                canvas.drawPath(path, paint);
            }
        }
        try (Paint paint = Paints.solid(colour, 1)) {
            canvas.drawPath(path, paint);
        }
    }

    private void soft(Canvas canvas, Mark.Glyphs word, Path path, PaintLayer.Shadow cast) {
        Shapes.Sprite soft = shapes.sprite(word, cast, () -> softCast(word, path, cast));
        drawn(canvas, soft, scale * soft.finer(), null);
    }

    /** @param fine pixels of the picture for one of the design */
    private static void drawn(Canvas canvas, Shapes.Sprite sprite, double fine, Paint paint) {
        canvas.drawImageRect(
                sprite.image(),
                Rect.makeWH(sprite.image().getWidth(), sprite.image().getHeight()),
                Rect.makeXYWH(
                        (float) (sprite.left() / fine),
                        (float) (sprite.top() / fine),
                        (float) (sprite.image().getWidth() / fine),
                        (float) (sprite.image().getHeight() / fine)),
                SMOOTH,
                paint,
                true);
    }

    /** One silhouette of letters and outline, blurred once; two would be twice as dark. */
    private Shapes.Sprite softCast(Mark.Glyphs word, Path path, PaintLayer.Shadow cast) {
        double finer = 1;
        while (finer < FINEST && cast.sigma() * scale * finer < LEAST_SIGMA) {
            finer *= 2;
        }
        while (cast.sigma() * scale * finer >= WIDE_SIGMA) {
            finer /= 2;
        }
        double fine = scale * finer;
        Box ink = word.ink().grown(3 * cast.sigma() + 2);
        int left = (int) Math.floor(ink.x() * fine);
        int top = (int) Math.floor(ink.y() * fine);
        int width = (int) Math.ceil(ink.right() * fine) - left;
        int height = (int) Math.ceil(ink.bottom() * fine) - top;
        try (Surface sharp = Surface.makeRasterN32Premul(width, height);
                Surface blurred = Surface.makeRasterN32Premul(width, height)) {
            sharp.getCanvas()
                    .setMatrix(new Matrix33(
                            (float) fine,
                            0,
                            (float) (cast.dx() * fine - left),
                            0,
                            (float) fine,
                            (float) (cast.dy() * fine - top),
                            0,
                            0,
                            1));
            silhouette(sharp.getCanvas(), path, cast, "#000000");
            float sigma = (float) (cast.sigma() * fine);
            try (Image silhouette = sharp.makeImageSnapshot();
                    ImageFilter filter = ImageFilter.makeDropShadowOnly(
                            0, 0, sigma, sigma, Paints.colour(cast.colour(), 1).toColor());
                    Paint paint = new Paint().setImageFilter(filter)) {
                blurred.getCanvas().drawImage(silhouette, 0, 0, paint);
            }
            return new Shapes.Sprite(blurred.makeImageSnapshot(), left, top, finer);
        }
    }
}
