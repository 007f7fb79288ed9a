package saltdrum.media.paint;

import io.github.humbleui.skija.BlendMode;
import io.github.humbleui.skija.FilterTileMode;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageFilter;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.types.IRect;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;

/**
 * One group's picture, sharp and in the blurs that every other one is mixed of; kept while the group holds what it held,
 * because a blur costs far more than mixing two.
 */
final class Blurs implements AutoCloseable {
    /** Sharp, and the blurs between which every other one is mixed, sigma in output pixels: below 2 the twins differ. */
    private static final double[] SIGMAS = {0, 2, 6, 12, 24, 48};

    private final Layers layers;
    private final Map<Double, Layers.Layer> kept = new TreeMap<>();
    private Object held;

    Blurs(Layers layers) {
        this.layers = layers;
    }

    /**
     * @param mixed the clean target that the blurred picture is laid on
     * @param sigma output pixels
     * @param holds cache key: everything that the group's picture depends on
     * @param sharp paints the picture
     */
    void paint(PaintTarget mixed, double sigma, Object holds, Supplier<Layers.Layer> sharp) {
        if (!holds.equals(held)) {
            close();
            held = holds;
            kept.put(SIGMAS[0], sharp.get());
        }
        int upper = 1;
        while (upper + 1 < SIGMAS.length && SIGMAS[upper] < sigma) {
            upper++;
        }
        double share = Math.min(1, (sigma - SIGMAS[upper - 1]) / (SIGMAS[upper] - SIGMAS[upper - 1]));
        add(mixed, SIGMAS[upper - 1], 1 - share);
        add(mixed, SIGMAS[upper], share);
    }

    private void add(PaintTarget mixed, double sigma, double share) {
        if (share > 0) {
            try (Paint paint = Paints.alpha(share).setBlendMode(BlendMode.PLUS)) {
                layers.copy(mixed, kept.computeIfAbsent(sigma, this::blurred), paint);
            }
        }
    }

    private Layers.Layer blurred(double sigma) {
        Layers.Layer sharp = kept.get(SIGMAS[0]);
        int room = (int) Math.ceil(3 * sigma);
        Layers.Layer soft = layers.around(sharp, room);
        // Only the layer: its surface may be larger, and what was left there by others would be blurred into it.
        IRect all = IRect.makeWH(sharp.target().width(), sharp.target().height());
        try (ImageFilter filter = ImageFilter.makeBlur((float) sigma, (float) sigma, FilterTileMode.DECAL);
                Paint paint = new Paint().setImageFilter(filter);
                Image image = sharp.surface().makeImageSnapshot(all)) {
            soft.target().canvas().drawImage(image, room, room, paint);
        }
        return soft;
    }

    @Override
    public void close() {
        kept.values().forEach(layers::give);
        kept.clear();
        held = null;
    }
}
