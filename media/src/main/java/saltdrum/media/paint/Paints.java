package saltdrum.media.paint;

import io.github.humbleui.skija.Color4f;
import io.github.humbleui.skija.FilterTileMode;
import io.github.humbleui.skija.GradientStyle;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.PaintMode;
import io.github.humbleui.skija.PaintStrokeCap;
import io.github.humbleui.skija.PaintStrokeJoin;
import io.github.humbleui.skija.Shader;
import java.util.List;
import saltdrum.core.colour.Colours;
import saltdrum.core.paint.GradientStop;
import saltdrum.core.paint.PaintLayer;

/** Creates Skija paints for the scene's paints. The caller closes them. */
final class Paints {
    private static final GradientStyle UNPREMULTIPLIED = new GradientStyle(FilterTileMode.CLAMP, false, null);

    private Paints() {}

    /** For layers laid on others. */
    static Paint alpha(double opacity) {
        return new Paint().setAlphaf(Math.round(opacity * 255) / 255f);
    }

    static Paint solid(String colour, double opacity) {
        return new Paint().setAntiAlias(true).setColor4f(colour(colour, opacity));
    }

    /** @param over a colour in its place; null for none */
    static Paint fill(saltdrum.core.paint.Paint paint, String over, double opacity) {
        if (over != null) {
            return solid(over, opacity);
        } else if (paint instanceof saltdrum.core.paint.Paint.Solid solid) {
            return solid(solid.colour(), opacity);
        }
        try (Shader shader = shader(paint)) {
            // The canvas dithers every gradient.
            return new Paint().setAntiAlias(true).setShader(shader).setDither(true);
        }
    }

    static Paint stroke(Paint paint, double width, PaintLayer.Join join) {
        return paint.setMode(PaintMode.STROKE)
                .setStrokeWidth((float) (2 * width))
                .setStrokeMiter((float) PaintLayer.MITER_LIMIT)
                .setStrokeJoin(
                        switch (join) {
                            case ROUND -> PaintStrokeJoin.ROUND;
                            case MITER -> PaintStrokeJoin.MITER;
                            case BEVEL -> PaintStrokeJoin.BEVEL;
                        })
                .setStrokeCap(PaintStrokeCap.BUTT);
    }

    private static Shader shader(saltdrum.core.paint.Paint paint) {
        if (paint instanceof saltdrum.core.paint.Paint.Linear linear) {
            return Shader.makeLinearGradient(
                    (float) linear.fromX(),
                    (float) linear.fromY(),
                    (float) linear.toX(),
                    (float) linear.toY(),
                    colours(linear.stops()),
                    places(linear.stops()),
                    UNPREMULTIPLIED);
        }
        saltdrum.core.paint.Paint.Radial radial = (saltdrum.core.paint.Paint.Radial) paint;
        return Shader.makeRadialGradient(
                (float) radial.x(),
                (float) radial.y(),
                (float) radial.radius(),
                colours(radial.stops()),
                places(radial.stops()),
                UNPREMULTIPLIED);
    }

    private static int[] colours(List<GradientStop> stops) {
        return stops.stream()
                .mapToInt(stop -> colour(stop.colour(), 1).toColor())
                .toArray();
    }

    private static float[] places(List<GradientStop> stops) {
        float[] places = new float[stops.size()];
        for (int i = 0; i < places.length; i++) {
            places[i] = (float) stops.get(i).at();
        }
        return places;
    }

    /** Alpha times opacity, rounded to one of 256 steps as the browser's colours are. */
    static Color4f colour(String written, double opacity) {
        int[] c = Colours.channels(written);
        return new Color4f(c[0] / 255f, c[1] / 255f, c[2] / 255f, Math.round(c[3] * opacity) / 255f);
    }
}
