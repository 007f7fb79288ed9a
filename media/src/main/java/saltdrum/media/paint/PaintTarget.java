package saltdrum.media.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Matrix33;
import saltdrum.core.scene.Affine;

/** A surface to paint on: a window of whole pixels on the frame. */
record PaintTarget(Canvas canvas, int left, int top, int width, int height) {

    /** Makes design pixels that went a way the canvas' coordinates. @param scale output pixels a design pixel */
    void go(Affine way, double scale) {
        canvas.setMatrix(new Matrix33(
                (float) (scale * way.a()),
                (float) (scale * way.c()),
                (float) (scale * way.e() - left),
                (float) (scale * way.b()),
                (float) (scale * way.d()),
                (float) (scale * way.f() - top),
                0,
                0,
                1));
    }

    /** Makes output pixels of this window the canvas' coordinates. */
    void rest() {
        canvas.resetMatrix();
    }
}
