package saltdrum.core.cue;

import saltdrum.core.plane.Box;

/**
 * Where a clip's picture lies in the finished one: the stage shows it there, and the burn puts it there.
 *
 * @param output size of the finished picture, even
 * @param picture the clip's picture in pixels of the output; what lies outside it is cropped, what it leaves is bar.
 *     Its edges are even, so that the codec's halved colours fall on whole pixels
 */
public record FrameLayout(Size output, Box picture) {
    static FrameLayout of(Frame frame, Size clip) {
        Size out = frame.output(clip);
        if (frame.aspect() == Frame.Aspect.OWN) {
            // An odd last row or column hangs over.
            return new FrameLayout(out, new Box(0, 0, clip.width(), clip.height()));
        }
        double wide = (double) out.width() / clip.width();
        double high = (double) out.height() / clip.height();
        boolean fill = frame.sit() == Frame.Sit.FILL;
        double scale = fill ? Math.max(wide, high) : Math.min(wide, high);
        int width = fill ? evenUp(clip.width() * scale) : Math.max(2, evenDown(clip.width() * scale));
        int height = fill ? evenUp(clip.height() * scale) : Math.max(2, evenDown(clip.height() * scale));
        return new FrameLayout(
                out,
                new Box(evenDown((out.width() - width) / 2.0), evenDown((out.height() - height) / 2.0), width, height));
    }

    /** A hair is forgiven, so that a side that fits exactly stays as it is. */
    private static int evenUp(double length) {
        return 2 * (int) Math.ceil(length / 2 - 1e-6);
    }

    private static int evenDown(double length) {
        return 2 * (int) Math.floor(length / 2 + 1e-6);
    }
}
