package saltdrum.media.paint;

import static org.assertj.core.api.Assertions.assertThat;

import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorInfo;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.skija.impl.BufferUtil;
import java.nio.ByteBuffer;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.SceneAt;
import saltdrum.core.scene.SceneBook;
import saltdrum.core.scene.Timeline;

/** Every page of the book in the burn's painter alone. */
class SceneBookPaintTest {
    private static final int MARGIN = 200;

    static Stream<SceneBook.Page> pages() {
        return SceneBook.pages().stream();
    }

    /** A burn paints only inside the bounds: ink outside would be cut off. */
    @ParameterizedTest
    @MethodSource("pages")
    void allInkAtAnyTimeLiesInTheBounds(SceneBook.Page page) {
        Timeline timeline = new Timeline(page.scene());
        Box bounds = page.scene().parts().stream()
                .map(Part::bounds)
                .reduce(Box::union)
                .orElseThrow();
        try (ScenePainter painter = new ScenePainter(page.scene(), 1)) {
            int inked = 0;
            for (double t = 0; t < 1000; t += page.times().size() == 1 ? 1000 : 40) {
                Box ink = ink(
                        painter,
                        timeline.at(t),
                        page.scene().width(),
                        page.scene().height());
                inked += ink == null ? 0 : 1;
                assertThat(ink == null || bounds.holds(ink))
                        .as("ink %s at %s in %s", ink, t, bounds)
                        .isTrue();
            }
            assertThat(inked).isPositive();
        }
    }

    /** Where a painted picture is not empty, with room around the frame; null for nothing. */
    private static Box ink(ScenePainter painter, SceneAt at, int frameWidth, int frameHeight) {
        int width = frameWidth + 2 * MARGIN;
        int height = frameHeight + 2 * MARGIN;
        ByteBuffer pixels = ByteBuffer.allocateDirect(width * height * 4);
        ImageInfo info = new ImageInfo(new ColorInfo(ColorType.BGRA_8888, ColorAlphaType.PREMUL, null), width, height);
        try (Surface surface = Surface.wrapPixels(info, BufferUtil.getPointerFromByteBuffer(pixels), width * 4L)) {
            surface.getCanvas().clear(0);
            painter.paint(surface.getCanvas(), at, -MARGIN, -MARGIN, width, height);
        }
        Box ink = null;
        for (int i = 0; i < width * height; i++) {
            // A blur's faintest tail goes beyond three sigma.
            if ((pixels.get(4 * i + 3) & 255) > 2) {
                Box pixel = new Box(i % width - MARGIN, i / width - MARGIN, 1, 1);
                ink = ink == null ? pixel : ink.union(pixel);
            }
        }
        return ink;
    }
}
