package saltdrum.media.paint;

import io.github.humbleui.skija.Canvas;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.scene.GroupTransforms;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;

/**
 * Paints a scene at a scale into a canvas. Each class of this package has a twin of the same name in {@code
 * web/src/stage/paint}, with the same steps in the same order and the same numbers. One thread at a time; shapes are
 * cached while their part is on the screen.
 */
public final class ScenePainter implements AutoCloseable {
    private final Scene scene;
    private final double scale;
    private final Layers layers = new Layers();
    private final Map<Part, Shapes> kept = new IdentityHashMap<>();

    /** @param scale output pixels a design pixel */
    public ScenePainter(Scene scene, double scale) {
        this.scene = scene;
        this.scale = scale;
    }

    /** Draws over existing content. The canvas' origin is output pixel {@code left, top} of the frame. */
    public void paint(Canvas canvas, SceneAt at, int left, int top, int width, int height) {
        forgetOthers(at);
        for (SceneAt.Alive alive : at.alive()) {
            Shapes shapes = kept.computeIfAbsent(alive.part(), part -> new Shapes(scene, scale));
            PaintTarget target = new PaintTarget(canvas, left, top, width, height);
            for (int i = 0; i < alive.states().size(); i++) {
                mark(target, shapes, alive.part().marks().get(i), alive.states().get(i), GroupTransforms.NOTHING);
            }
        }
        canvas.resetMatrix();
    }

    private void mark(PaintTarget target, Shapes shapes, Mark mark, MarkState state, GroupTransforms around) {
        if (state.hidden()) {
            return;
        }
        if (mark instanceof Mark.Group group) {
            GroupTransforms inside = around.in(group.pose(), state);
            new GroupPainter(shapes, layers, scale).paint(target, group, state, around.way(), on -> {
                for (int i = 0; i < group.marks().size(); i++) {
                    mark(on, shapes, group.marks().get(i), state.children().get(i), inside);
                }
            });
        } else if (mark instanceof Mark.Glyphs glyphs) {
            new GlyphsPainter(shapes, layers, scale).paint(target, glyphs, state, around);
        } else if (mark instanceof Mark.Plate plate) {
            new PlatePainter(layers, scale).paint(target, plate, state, around.way());
        } else if (mark instanceof Mark.Picture picture) {
            new PicturePainter(shapes, layers, scale).paint(target, picture, state, around.way());
        }
    }

    private void forgetOthers(SceneAt at) {
        List<Part> gone = new ArrayList<>(kept.keySet());
        at.alive().forEach(alive -> gone.removeIf(part -> part == alive.part()));
        gone.forEach(part -> kept.remove(part).close());
    }

    @Override
    public void close() {
        kept.values().forEach(Shapes::close);
        kept.clear();
        layers.close();
    }
}
