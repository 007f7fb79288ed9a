package saltdrum.media.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.Path;
import java.util.List;
import saltdrum.core.paint.Coat;

/** Puts coats on a path, the undermost first. */
final class Coats {
    private Coats() {}

    /** Casts a soft shadow; how depends on the kind of mark. */
    interface SoftCast {
        void paint(Coat.Cast cast);
    }

    /** The shape of a cast: grown, and where it falls. */
    interface Silhouette {
        void paint(Canvas canvas, Coat.Cast cast);
    }

    /**
     * @param over the colour of fills in place of their own; null for none
     */
    static void paint(Canvas canvas, Path path, List<Coat> coats, String over, SoftCast soft, Silhouette silhouette) {
        for (Coat coat : coats) {
            if (coat instanceof Coat.Fill fill) {
                try (Paint paint = Paints.fill(fill.paint(), over, 1)) {
                    canvas.drawPath(path, paint);
                }
            } else if (coat instanceof Coat.Outline outline) {
                try (Paint paint =
                        Paints.stroke(Paints.fill(outline.paint(), null, 1), outline.width(), outline.join())) {
                    canvas.drawPath(path, paint);
                }
            } else if (coat instanceof Coat.Cast cast && cast.sigma() > 0) {
                soft.paint(cast);
            } else if (coat instanceof Coat.Cast cast) {
                canvas.save();
                canvas.translate((float) cast.dx(), (float) cast.dy());
                silhouette.paint(canvas, cast);
                canvas.restore();
            }
        }
    }

    /** Whether one fill of one colour is all: then fading it is fading its colour. */
    static boolean single(List<Coat> coats, String over) {
        return coats.size() == 1
                && coats.get(0) instanceof Coat.Fill fill
                && (over != null || fill.paint() instanceof saltdrum.core.paint.Paint.Solid);
    }

    static void single(Canvas canvas, Path path, List<Coat> coats, String over, double opacity) {
        try (Paint paint = Paints.fill(((Coat.Fill) coats.get(0)).paint(), over, opacity)) {
            canvas.drawPath(path, paint);
        }
    }
}
