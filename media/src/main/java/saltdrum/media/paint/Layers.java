package saltdrum.media.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.ContentChangeMode;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.types.Rect;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import saltdrum.core.plane.Box;

/**
 * Layers at whole pixels, on which a group or a word is painted before it is laid on the frame as one. They begin at
 * multiples of eight pixels, because the dither of gradients follows the layer's own coordinates.
 */
final class Layers implements AutoCloseable {
    private static final int STEP = 8;
    private static final long WASTE = 3;

    private final Deque<Surface> free = new ArrayDeque<>();
    private final List<Surface> all = new ArrayList<>();

    /** A clean layer, given back by {@link #lay} or {@link #give}. */
    record Layer(PaintTarget target, Surface surface) {}

    /**
     * @param ink the area to be painted, design pixels of the frame
     * @return null if none of it is inside the target
     */
    Layer take(PaintTarget target, Box ink, double scale) {
        int left = Math.max(target.left(), step(ink.x() * scale - target.left() - 2) + target.left());
        int top = Math.max(target.top(), step(ink.y() * scale - target.top() - 2) + target.top());
        int right = Math.min(target.left() + target.width(), (int) Math.ceil(ink.right() * scale) + 2);
        int bottom = Math.min(target.top() + target.height(), (int) Math.ceil(ink.bottom() * scale) + 2);
        return right <= left || bottom <= top ? null : clean(left, top, right - left, bottom - top);
    }

    /** A clean layer for all of the ink, also where it is not inside the target. */
    Layer whole(PaintTarget target, Box ink, double scale) {
        int left = step(ink.x() * scale - target.left() - 2) + target.left();
        int top = step(ink.y() * scale - target.top() - 2) + target.top();
        int right = (int) Math.ceil(ink.right() * scale) + 2;
        int bottom = (int) Math.ceil(ink.bottom() * scale) + 2;
        return clean(left, top, right - left, bottom - top);
    }

    /** A clean layer about another. */
    Layer around(Layer layer, int by) {
        PaintTarget t = layer.target;
        return clean(t.left() - by, t.top() - by, t.width() + 2 * by, t.height() + 2 * by);
    }

    private static int step(double at) {
        return (int) Math.floor(at / STEP) * STEP;
    }

    private Layer clean(int left, int top, int width, int height) {
        Surface found = fitting(width, height);
        if (found == null) {
            found = Surface.makeRasterN32Premul(step(width + STEP - 1), step(height + STEP - 1));
            all.add(found);
        } else {
            free.remove(found);
            // An earlier copy of it may share its pixels; discarding avoids copying them before they are cleared.
            found.notifyContentWillChange(ContentChangeMode.DISCARD);
        }
        Canvas canvas = found.getCanvas();
        canvas.save();
        canvas.clipRect(Rect.makeWH(width, height));
        canvas.clear(0);
        return new Layer(new PaintTarget(canvas, left, top, width, height), found);
    }

    /** The smallest that is free and large enough, unless a new one would be much smaller. */
    private Surface fitting(int width, int height) {
        Surface best = null;
        for (Surface surface : free) {
            boolean fits = surface.getWidth() >= width
                    && surface.getHeight() >= height
                    && area(surface) <= WASTE * width * height;
            if (fits && (best == null || area(surface) < area(best))) {
                best = surface;
            }
        }
        return best;
    }

    private static long area(Surface surface) {
        return (long) surface.getWidth() * surface.getHeight();
    }

    /** Draws a layer on a target, whole pixels on whole pixels, and gives it back. */
    void lay(PaintTarget target, Layer layer, Paint paint) {
        copy(target, layer, paint);
        give(layer);
    }

    /** Draws a layer on a target, whole pixels on whole pixels. */
    void copy(PaintTarget target, Layer layer, Paint paint) {
        PaintTarget from = layer.target;
        int left = from.left() - target.left();
        int top = from.top() - target.top();
        target.rest();
        target.canvas().save();
        target.canvas().clipRect(Rect.makeXYWH(left, top, from.width(), from.height()));
        layer.surface.draw(target.canvas(), left, top, paint);
        target.canvas().restore();
    }

    void give(Layer layer) {
        layer.surface.getCanvas().restore();
        free.push(layer.surface);
    }

    @Override
    public void close() {
        all.forEach(Surface::close);
        all.clear();
        free.clear();
    }
}
