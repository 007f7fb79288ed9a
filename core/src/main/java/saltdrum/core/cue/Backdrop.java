package saltdrum.core.cue;

import saltdrum.core.plane.Box;

/**
 * The clip itself as what its bars show: a part of it, made small, blurred, darkened, and made as large as the output
 * again. Both painters do it by these figures.
 *
 * @param part of the turned picture, in its pixels, even: as wide to high as the output, from the middle
 * @param small what it is made small to before it is blurred, even
 * @param sigma of the blur, in pixels of the small picture
 * @param light what is left of its light, 0 to 1
 */
public record Backdrop(Box part, Size small, double sigma, double light) {
    /** A blur of so few small pixels is smooth, and costs next to nothing. */
    private static final double SMALL_SIGMA = 3;

    static Backdrop of(Bars bars, Size turned, Size out) {
        double scale = Math.max((double) out.width() / turned.width(), (double) out.height() / turned.height());
        int width = Math.min(turned.even().width(), even(out.width() / scale));
        int height = Math.min(turned.even().height(), even(out.height() / scale));
        Box part = new Box((turned.width() - width) / 2 & ~1, (turned.height() - height) / 2 & ~1, width, height);
        double sigma = bars.blur() * Math.min(out.width(), out.height());
        double shrink = Math.max(1, sigma / SMALL_SIGMA);
        Size small = new Size(Math.max(8, even(out.width() / shrink)), Math.max(8, even(out.height() / shrink)));
        return new Backdrop(part, small, sigma * small.width() / out.width(), 1 - bars.dark());
    }

    private static int even(double length) {
        return Math.max(2, 2 * (int) Math.round(length / 2));
    }
}
