package saltdrum.media.paint;

import io.github.humbleui.skija.Paint;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.PictureLayer;

/** Paints a picture's layers, the undermost first. */
final class PicturePainter {
    private final Shapes shapes;
    private final Layers layers;
    private final double scale;

    PicturePainter(Shapes shapes, Layers layers, double scale) {
        this.shapes = shapes;
        this.layers = layers;
        this.scale = scale;
    }

    void paint(Target target, Mark.Picture picture, MarkState state, Affine around) {
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

    private void paint(Target target, Mark.Picture picture, Affine way) {
        target.go(way, scale);
        for (PictureLayer layer : shapes.picture(picture.picture())) {
            try (Paint paint = Paints.solid(layer.fill(), 1)) {
                target.canvas().drawPath(shapes.layer(layer), paint);
            }
        }
    }
}
