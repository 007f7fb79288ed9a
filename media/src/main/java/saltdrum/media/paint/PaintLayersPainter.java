package saltdrum.media.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.Path;
import java.util.List;
import saltdrum.core.paint.PaintLayer;

/** Paints the layers of a path from back to front. */
final class PaintLayersPainter {
    private PaintLayersPainter() {}

    /** Casts a soft shadow; how depends on the kind of mark. */
    interface SoftCast {
        void paint(PaintLayer.Shadow shadow);
    }

    /** The shape of a shadow: grown, and where it falls. */
    interface Silhouette {
        void paint(Canvas canvas, PaintLayer.Shadow shadow);
    }

    /**
     * @param over the colour of fills in place of their own; null for none
     */
    static void paint(
            Canvas canvas, Path path, List<PaintLayer> coats, String over, SoftCast soft, Silhouette silhouette) {
        for (PaintLayer layer : coats) {
            if (layer instanceof PaintLayer.Fill fill) {
                try (Paint paint = Paints.fill(fill.paint(), over, 1)) {
                    canvas.drawPath(path, paint);
                }
            } else if (layer instanceof PaintLayer.Outline outline) {
                try (Paint paint =
                        Paints.stroke(Paints.fill(outline.paint(), null, 1), outline.width(), outline.join())) {
                    canvas.drawPath(path, paint);
                }
            } else if (layer instanceof PaintLayer.Shadow shadow && shadow.sigma() > 0) {
                soft.paint(shadow);
            } else if (layer instanceof PaintLayer.Shadow shadow) {
                canvas.save();
                canvas.translate((float) shadow.dx(), (float) shadow.dy());
                silhouette.paint(canvas, shadow);
                canvas.restore();
            }
        }
    }

    /** Whether one fill of one colour is all: then fading it is fading its colour. */
    static boolean single(List<PaintLayer> coats, String over) {
        return coats.size() == 1
                && coats.get(0) instanceof PaintLayer.Fill fill
                && (over != null || fill.paint() instanceof saltdrum.core.paint.Paint.Solid);
    }

    static void single(Canvas canvas, Path path, List<PaintLayer> coats, String over, double opacity) {
        try (Paint paint = Paints.fill(((PaintLayer.Fill) coats.get(0)).paint(), over, opacity)) {
            canvas.drawPath(path, paint);
        }
    }
}
