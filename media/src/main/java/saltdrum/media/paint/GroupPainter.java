package saltdrum.media.paint;

import io.github.humbleui.skija.BlendMode;
import io.github.humbleui.skija.FilterTileMode;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageFilter;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.Path;
import io.github.humbleui.types.IRect;
import java.util.function.Consumer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.track.Property;

/** Paints a group: straight on the target where it only moves, else on a layer that is clipped, blurred and faded. */
final class GroupPainter {
    /** Sharp, and the blurs between which every other one is mixed, sigma in output pixels: below 2 the twins differ. */
    private static final double[] BLURS = {0, 2, 6, 12, 24, 48};

    /** Farther than any ink, design pixels. */
    private static final double FAR = 20_000;

    private final Layers layers;
    private final double scale;

    GroupPainter(Layers layers, double scale) {
        this.layers = layers;
        this.scale = scale;
    }

    /** @param marks paints the group's marks on a target */
    void paint(Target target, Mark.Group group, MarkState state, Affine around, Consumer<Target> marks) {
        if (!layered(group, state)) {
            marks.accept(target);
            return;
        }
        Layers.Layer layer = layers.take(target, InkBounds.at(group, state, around), scale);
        if (layer == null) {
            return;
        }
        Affine way = around.of(Affine.of(group.pose(), state));
        marks.accept(layer.target());
        if (clipped(group, state)) {
            clip(layer.target(), group.clip(), state, way);
        }
        if (state.blur() > 0) {
            layer = blurred(layer, state.blur() * way.scale() * scale);
        }
        try (Paint paint = Paints.alpha(state.opacity())) {
            layers.lay(target, layer, paint);
        }
    }

    /** Whether it is painted on a picture of its own first. */
    static boolean layered(Mark.Group group, MarkState state) {
        return state.opacity() < 1 || state.blur() > 0 || clipped(group, state);
    }

    private static boolean clipped(Mark.Group group, MarkState state) {
        return group.clip() != null && insets(state);
    }

    private static boolean insets(MarkState state) {
        return state.get(Property.INSET_LEFT) > 0
                || state.get(Property.INSET_TOP) > 0
                || state.get(Property.INSET_RIGHT) > 0
                || state.get(Property.INSET_BOTTOM) > 0;
    }

    /** Takes away what lies outside the insets, with smooth edges however the group is turned. */
    private void clip(Target target, Box clip, MarkState state, Affine way) {
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

    private static void takeAway(Target target, Box box) {
        try (Path path = Shapes.rectangle(box);
                Paint paint = new Paint().setColor(0xff000000).setBlendMode(BlendMode.DST_OUT)) {
            target.canvas().drawPath(path, paint);
        }
    }

    /** The two blurs beside the one that is wanted, mixed: a blur of its own for every frame would cost five times that. */
    private Layers.Layer blurred(Layers.Layer sharp, double sigma) {
        int upper = 1;
        while (upper + 1 < BLURS.length && BLURS[upper] < sigma) {
            upper++;
        }
        double share = Math.min(1, (sigma - BLURS[upper - 1]) / (BLURS[upper] - BLURS[upper - 1]));
        Layers.Layer mixed = layers.like(sharp);
        add(mixed, sharp, BLURS[upper - 1], 1 - share);
        add(mixed, sharp, BLURS[upper], share);
        layers.give(sharp);
        return mixed;
    }

    private void add(Layers.Layer mixed, Layers.Layer sharp, double sigma, double share) {
        Layers.Layer soft = layers.like(sharp);
        // Only the layer: its surface may be larger, and what was left there by others would be blurred into it.
        IRect all = IRect.makeWH(sharp.target().width(), sharp.target().height());
        try (ImageFilter filter =
                        sigma == 0 ? null : ImageFilter.makeBlur((float) sigma, (float) sigma, FilterTileMode.DECAL);
                Paint paint = new Paint().setImageFilter(filter);
                Image image = sharp.surface().makeImageSnapshot(all)) {
            soft.target().canvas().drawImage(image, 0, 0, paint);
        }
        lay(mixed, soft, share);
    }

    private void lay(Layers.Layer mixed, Layers.Layer layer, double share) {
        try (Paint paint = Paints.alpha(share).setBlendMode(BlendMode.PLUS)) {
            layers.lay(mixed.target(), layer, paint);
        }
    }
}
