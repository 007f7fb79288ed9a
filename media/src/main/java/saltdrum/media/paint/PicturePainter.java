package saltdrum.media.paint;

import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.SamplingMode;
import io.github.humbleui.types.Rect;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.PictureLayer;
import saltdrum.core.scene.Pixels;

/** Paints a picture's layers from back to front. */
final class PicturePainter {
    private final Shapes shapes;
    private final Layers layers;
    private final double scale;

    PicturePainter(Shapes shapes, Layers layers, double scale) {
        this.shapes = shapes;
        this.layers = layers;
        this.scale = scale;
    }

    void paint(PaintTarget target, Mark.Picture picture, MarkState state, Affine around) {
        double s = picture.size() / 1000;
        Affine way = around.of(Affine.of(picture.pose(), state)).of(new Affine(s, 0, 0, s, picture.x(), picture.y()));
        if (state.opacity() >= 1) {
            paint(target, picture, way);
            return;
        }
        Layers.Layer layer = layers.take(target, InkBounds.at(picture, state, around), scale);
        if (layer == null) {
            return;
        }
        paint(layer.target(), picture, way);
        try (Paint paint = Paints.alpha(state.opacity())) {
            layers.lay(target, layer, paint);
        }
    }

    private void paint(PaintTarget target, Mark.Picture picture, Affine way) {
        target.go(way, scale);
        for (PictureLayer layer : shapes.picture(picture.picture())) {
            if (!layer.pixels().isEmpty()) {
                pixels(target, Pixels.fitting(layer.pixels(), picture.size() * scale));
                continue;
            }
            try (Paint paint = Paints.solid(layer.fill(), 1)) {
                target.canvas().drawPath(shapes.layer(layer), paint);
            }
        }
    }

    private void pixels(PaintTarget target, Pixels pixels) {
        Image image = shapes.pixels(pixels);
        float edge = 1000f / pixels.side();
        Rect there = Rect.makeXYWH(-edge, -edge, 1000 + 2 * edge, 1000 + 2 * edge);
        try (Paint paint = new Paint().setAntiAlias(true)) {
            target.canvas()
                    .drawImageRect(
                            image,
                            Rect.makeWH(image.getWidth(), image.getHeight()),
                            there,
                            SamplingMode.LINEAR,
                            paint,
                            true);
        }
    }
}
