package saltdrum.media.paint;

import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorInfo;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.skija.impl.BufferUtil;
import io.github.humbleui.types.Rect;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.GroupTransforms;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;

/**
 * The part of the frame that captions ever touch, painted again only where it changed, as planes Y, U, V, A with
 * straight alpha. Left, top, width and height are even output pixels.
 */
public final class Band implements AutoCloseable {
    public final int left;
    public final int top;
    public final int width;
    public final int height;
    private final double scale;
    private final ScenePainter painter;
    private final IntBuffer pixels;
    private final Surface surface;
    private final StraightYuv yuv;
    private final int[] upper;
    private final int[] lower;
    private SceneAt shown = SceneAt.NOTHING;

    private Band(Scene scene, double scale, int left, int top, int width, int height, VideoColours colours) {
        this.left = left;
        this.top = top;
        this.width = width;
        this.height = height;
        this.scale = scale;
        this.painter = new ScenePainter(scene, scale);
        ByteBuffer memory = ByteBuffer.allocateDirect(width * height * 4).order(ByteOrder.LITTLE_ENDIAN);
        this.pixels = memory.asIntBuffer();
        this.surface = Surface.wrapPixels(
                new ImageInfo(new ColorInfo(ColorType.BGRA_8888, ColorAlphaType.PREMUL, null), width, height),
                BufferUtil.getPointerFromByteBuffer(memory),
                width * 4L);
        this.yuv = new StraightYuv(width, height, colours);
        this.upper = new int[width];
        this.lower = new int[width];
    }

    /** The band of all cues; a scene without ink has a band of 2 by 2 pixels. */
    public static Band of(Scene scene, int outputWidth, int outputHeight, VideoColours colours) {
        double scale = (double) outputWidth / scene.width();
        Box frame = new Box(0, 0, scene.width(), scene.height());
        Box all = scene.parts().stream()
                .map(Part::bounds)
                .reduce(Box::union)
                .orElse(new Box(0, 0, 0, 0))
                .intersection(frame);
        int left = Math.min(even(all.x() * scale), outputWidth - 2);
        int top = Math.min(even(all.y() * scale), outputHeight - 2);
        int right = Math.min(outputWidth, evenAfter(all.right() * scale));
        int bottom = Math.min(outputHeight, evenAfter(all.bottom() * scale));
        return new Band(scene, scale, left, top, Math.max(2, right - left), Math.max(2, bottom - top), colours);
    }

    private static int even(double from) {
        return (int) Math.floor(from) & ~1;
    }

    private static int evenAfter(double to) {
        return (int) Math.ceil(to) + 1 & ~1;
    }

    /** Bytes of one picture. */
    public int bytes() {
        return yuv.planes().length;
    }

    /** Paints what differs from the last call; the answer is valid until the next. */
    public byte[] paint(SceneAt at) {
        Box changed = wholeShapes(at.difference(shown), at);
        shown = at;
        // One output pixel more on every side, where the edges of shapes are smoothed.
        int x0 = Math.max(0, even(changed.x() * scale - 1) - left);
        int y0 = Math.max(0, even(changed.y() * scale - 1) - top);
        int x1 = Math.min(width, evenAfter(changed.right() * scale + 1) - left);
        int y1 = Math.min(height, evenAfter(changed.bottom() * scale + 1) - top);
        if (x1 > x0 && y1 > y0) {
            surface.getCanvas().save();
            surface.getCanvas().clipRect(Rect.makeLTRB(x0, y0, x1, y1));
            surface.getCanvas().clear(0);
            painter.paint(surface.getCanvas(), at, left, top, width, height);
            surface.getCanvas().restore();
            for (int y = y0; y < y1; y += 2) {
                pixels.get(y * width + x0, upper, 0, x1 - x0);
                pixels.get((y + 1) * width + x0, lower, 0, x1 - x0);
                yuv.rows(upper, lower, y, x0, x1 - x0);
            }
        }
        return yuv.planes();
    }

    /**
     * Grows the area until it cuts no shape that is redrawn: Skia smooths a few edge pixels differently when a shape
     * is cut. Copies of layers may be cut anywhere.
     */
    private static Box wholeShapes(Box changed, SceneAt at) {
        if (changed.width() <= 0) {
            return changed;
        }
        List<Box> drawn = new ArrayList<>();
        for (SceneAt.Alive alive : at.alive()) {
            for (int i = 0; i < alive.states().size(); i++) {
                drawn(alive.part().marks().get(i), alive.states().get(i), GroupTransforms.NOTHING, drawn);
            }
        }
        Box grown = changed;
        boolean again = true;
        while (again) {
            again = false;
            for (Box ink : drawn) {
                if (ink.meets(grown) && !grown.grown(0.01).holds(ink)) {
                    grown = grown.union(ink);
                    again = true;
                }
            }
        }
        return grown;
    }

    private static void drawn(Mark mark, MarkState state, GroupTransforms around, List<Box> drawn) {
        if (state.hidden() || GlyphsPainter.copied(mark, state, around)) {
            return;
        }
        if (!(mark instanceof Mark.Group group)) {
            drawn.add(InkBounds.at(mark, state, around.way()));
        } else if (!GroupPainter.layered(group, state)) {
            GroupTransforms inside = around.in(group.pose(), state);
            for (int i = 0; i < group.marks().size(); i++) {
                drawn(group.marks().get(i), state.children().get(i), inside, drawn);
            }
        }
    }

    @Override
    public void close() {
        surface.close();
        painter.close();
    }
}
