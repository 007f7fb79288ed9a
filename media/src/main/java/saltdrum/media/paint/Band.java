package saltdrum.media.paint;

import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorInfo;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Pixmap;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.skija.impl.BufferUtil;
import java.nio.ByteBuffer;
import saltdrum.core.scene.Box;
import saltdrum.core.scene.CueScene;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;

/**
 * The part of the frame that captions ever touch, as BGRA pixels with straight alpha: ffmpeg blends those three times
 * faster than premultiplied ones. Left, top, width and height are even output pixels.
 */
public final class Band implements AutoCloseable {
    public final int left;
    public final int top;
    public final int width;
    public final int height;
    private final Painter painter;
    private final ByteBuffer painted;
    private final ByteBuffer pixels;
    private final Surface surface;
    private final Pixmap straight;

    private Band(Scene scene, double scale, int left, int top, int width, int height) {
        this.left = left;
        this.top = top;
        this.width = width;
        this.height = height;
        this.painter = new Painter(scene, scale);
        this.painted = ByteBuffer.allocateDirect(width * height * 4);
        this.pixels = ByteBuffer.allocateDirect(width * height * 4);
        this.surface = Surface.wrapPixels(
                info(ColorAlphaType.PREMUL), BufferUtil.getPointerFromByteBuffer(painted), width * 4L);
        this.straight =
                Pixmap.make(info(ColorAlphaType.UNPREMUL), BufferUtil.getPointerFromByteBuffer(pixels), width * 4);
    }

    private ImageInfo info(ColorAlphaType alpha) {
        return new ImageInfo(new ColorInfo(ColorType.BGRA_8888, alpha, null), width, height);
    }

    /** The band of all cues; a scene without ink has a band of 2 by 2 pixels. */
    public static Band of(Scene scene, int outputWidth, int outputHeight) {
        double scale = (double) outputWidth / scene.width();
        Box frame = new Box(0, 0, scene.width(), scene.height());
        Box all = scene.cues().stream()
                .map(CueScene::bounds)
                .reduce(Box::union)
                .orElse(new Box(0, 0, 0, 0))
                .intersection(frame);
        int left = (int) Math.floor(all.x() * scale) & ~1;
        int top = (int) Math.floor(all.y() * scale) & ~1;
        int right = Math.min(outputWidth, (int) Math.ceil(all.right() * scale) + 1 & ~1);
        int bottom = Math.min(outputHeight, (int) Math.ceil(all.bottom() * scale) + 1 & ~1);
        left = Math.min(left, outputWidth - 2);
        top = Math.min(top, outputHeight - 2);
        return new Band(scene, scale, left, top, Math.max(2, right - left), Math.max(2, bottom - top));
    }

    /** The whole frame. */
    public static Band whole(Scene scene, int outputWidth, int outputHeight) {
        return new Band(scene, (double) outputWidth / scene.width(), 0, 0, outputWidth, outputHeight);
    }

    /** Clears and paints; the answer is valid until the next call. */
    public ByteBuffer paint(SceneAt at) {
        surface.getCanvas().clear(0);
        painter.paint(surface.getCanvas(), at, left, top);
        if (!surface.readPixels(straight, 0, 0)) {
            throw new IllegalStateException("the painted pixels could not be read");
        }
        pixels.rewind();
        return pixels;
    }

    @Override
    public void close() {
        straight.close();
        surface.close();
        painter.close();
    }
}
