package saltdrum.media.paint;

import io.github.humbleui.skija.BlendMode;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.Path;
import java.util.List;
import java.util.function.Consumer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.track.Property;

/** Paints a group: straight on the target where it only moves, else on a layer that is clipped, blurred and faded. */
final class GroupPainter {
    /** Farther than any ink, design pixels. */
    private static final double FAR = 20_000;

    private final Shapes shapes;
    private final Layers layers;
    private final double scale;

    GroupPainter(Shapes shapes, Layers layers, double scale) {
        this.shapes = shapes;
        this.layers = layers;
        this.scale = scale;
    }

    /** @param marks paints the group's marks on a target */
    void paint(PaintTarget target, Mark.Group group, MarkState state, Affine around, Consumer<PaintTarget> marks) {
        if (!layered(group, state)) {
            marks.accept(target);
            return;
        }
        Layers.Layer layer = layers.take(target, InkBounds.at(group, state, around), scale);
        if (layer == null) {
            return;
        }
        Affine way = around.of(Affine.of(group.pose(), state));
        if (state.blur() > 0) {
            shapes.blurs(group, layers)
                    .paint(
                            layer.target(),
                            state.blur() * way.scale() * scale,
                            new Held(way, insets(state), state.children()),
                            () -> {
                                Layers.Layer whole = layers.whole(target, InkBounds.sharp(group, state, way), scale);
                                sharp(whole.target(), group, state, way, marks);
                                return whole;
                            });
        } else {
            sharp(layer.target(), group, state, way, marks);
        }
        try (Paint paint = Paints.alpha(state.opacity())) {
            layers.lay(target, layer, paint);
        }
    }

    /** What a group's picture depends on. */
    private record Held(Affine way, List<Double> insets, List<MarkState> states) {}

    private void sharp(PaintTarget target, Mark.Group group, MarkState state, Affine way, Consumer<PaintTarget> marks) {
        marks.accept(target);
        if (clipped(group, state)) {
            clip(target, group.clip(), state, way);
        }
    }

    /** Whether it is first painted on a layer of its own. */
    static boolean layered(Mark.Group group, MarkState state) {
        return state.opacity() < 1 || state.blur() > 0 || clipped(group, state);
    }

    private static boolean clipped(Mark.Group group, MarkState state) {
        return group.clip() != null && insets(state).stream().anyMatch(inset -> inset > 0);
    }

    private static List<Double> insets(MarkState state) {
        return List.of(
                state.get(Property.INSET_LEFT),
                state.get(Property.INSET_TOP),
                state.get(Property.INSET_RIGHT),
                state.get(Property.INSET_BOTTOM));
    }

    /** Removes everything outside the insets, with smooth edges at any rotation of the group. */
    private void clip(PaintTarget target, Box clip, MarkState state, Affine way) {
        double left = clip.x() + clip.width() * state.get(Property.INSET_LEFT);
        double top = clip.y() + clip.height() * state.get(Property.INSET_TOP);
        double right = clip.right() - clip.width() * state.get(Property.INSET_RIGHT);
        double bottom = clip.bottom() - clip.height() * state.get(Property.INSET_BOTTOM);
        target.go(way, scale);
        if (state.get(Property.INSET_LEFT) > 0) {
            takeAway(target, Box.ofEdges(left - FAR, clip.y() - FAR, left, clip.bottom() + FAR));
        }
        if (state.get(Property.INSET_TOP) > 0) {
            takeAway(target, Box.ofEdges(clip.x() - FAR, top - FAR, clip.right() + FAR, top));
        }
        if (state.get(Property.INSET_RIGHT) > 0) {
            takeAway(target, Box.ofEdges(right, clip.y() - FAR, right + FAR, clip.bottom() + FAR));
        }
        if (state.get(Property.INSET_BOTTOM) > 0) {
            takeAway(target, Box.ofEdges(clip.x() - FAR, bottom, clip.right() + FAR, bottom + FAR));
        }
    }

    private static void takeAway(PaintTarget target, Box box) {
        try (Path path = Shapes.rectangle(box);
                Paint paint = new Paint().setColor(0xff000000).setBlendMode(BlendMode.DST_OUT)) {
            target.canvas().drawPath(path, paint);
        }
    }
}
