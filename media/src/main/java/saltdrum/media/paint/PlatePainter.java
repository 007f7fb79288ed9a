package saltdrum.media.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.FilterBlurMode;
import io.github.humbleui.skija.MaskFilter;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.Path;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;

/** Paints a rounded box, as wide as its extent. */
final class PlatePainter {
    private final Layers layers;
    private final double scale;

    PlatePainter(Layers layers, double scale) {
        this.layers = layers;
        this.scale = scale;
    }

    void paint(PaintTarget target, Mark.Plate plate, MarkState state, Affine around) {
        Affine way = around.of(Affine.of(plate.pose(), state));
        Box box = new Box(plate.x(), plate.y(), plate.width() * state.extent(), plate.height());
        double radius = Math.min(plate.radius(), box.width() / 2);
        try (Path path = Shapes.roundedBox(box, radius)) {
            if (PaintLayersPainter.single(plate.coats(), state.fill())) {
                target.go(way, scale);
                PaintLayersPainter.single(target.canvas(), path, plate.coats(), state.fill(), state.opacity());
                return;
            }
            Layers.Layer layer =
                    state.opacity() < 1 ? layers.take(target, InkBounds.at(plate, state, around), scale) : null;
            if (state.opacity() < 1 && layer == null) {
                return;
            }
            PaintTarget on = layer == null ? target : layer.target();
            on.go(way, scale);
            PaintLayersPainter.paint(
                    on.canvas(),
                    path,
                    plate.coats(),
                    state.fill(),
                    cast -> soft(on.canvas(), box, radius, cast, way),
                    (canvas, cast) -> silhouette(canvas, box, radius, cast, null));
            if (layer != null) {
                try (Paint paint = Paints.alpha(state.opacity())) {
                    layers.lay(target, layer, paint);
                }
            }
        }
    }

    /** The box itself is as simple grown as not. */
    private static void silhouette(Canvas canvas, Box box, double radius, PaintLayer.Shadow cast, MaskFilter blur) {
        try (Path path = Shapes.roundedBox(box.grown(cast.grow()), radius + cast.grow());
                Paint paint = Paints.solid(cast.colour(), 1).setMaskFilter(blur)) {
            canvas.drawPath(path, paint);
        }
    }

    private void soft(Canvas canvas, Box box, double radius, PaintLayer.Shadow cast, Affine way) {
        float sigma = (float) (cast.sigma() * way.scale() * scale);
        canvas.save();
        canvas.translate((float) cast.dx(), (float) cast.dy());
        try (MaskFilter blur = MaskFilter.makeBlur(FilterBlurMode.NORMAL, sigma, false)) {
            silhouette(canvas, box, radius, cast, blur);
        }
        canvas.restore();
    }
}
