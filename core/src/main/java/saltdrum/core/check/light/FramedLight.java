package saltdrum.core.check.light;

import saltdrum.core.colour.Colours;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.plane.Box;

/**
 * The lightness of the finished picture under the captions: the clip placed in its frame, and its bars. For bars that
 * show the clip blurred, the mean of a square of the clip is used, which approximates the blur.
 *
 * @param bars the picture that bars show, as large as the output; null if they show something else
 */
public record FramedLight(LightSamples clip, LightSamples bars, Frame frame, FrameLayout layout) {
    private static final int ACROSS_BLUR = 5;

    /** Coded lightness, 0 to 255. @param x, y in parts of the finished picture */
    public double at(int sample, double x, double y) {
        double px = x * layout.output().width();
        double py = y * layout.output().height();
        Box picture = layout.at((double) sample * clip.stepMs());
        if (px >= picture.x() && px < picture.right() && py >= picture.y() && py < picture.bottom()) {
            return ofClip(sample, (px - picture.x()) / picture.width(), (py - picture.y()) / picture.height());
        }
        return bar(sample, x, y);
    }

    private double bar(int sample, double x, double y) {
        Bars kind = frame.bars();
        return switch (kind.kind()) {
            case COLOUR -> LightSamples.code(frame.barColour());
            case GRADIENT -> LightSamples.code(Colours.mix(frame.barColour(), kind.to(), y));
            case PICTURE -> bars == null ? LightSamples.code(frame.barColour()) : bars.at(0, x, y);
            case BLUR -> blurred(sample, x, y);
        };
    }

    /** The backdrop covers the whole output with the clip. */
    private double blurred(int sample, double x, double y) {
        double wide = (double) layout.turned().width() / layout.turned().height();
        double out = (double) layout.output().width() / layout.output().height();
        double partX = wide > out ? out / wide : 1;
        double partY = wide > out ? 1 : wide / out;
        // Two sigmas on each side; the sigma is a part of the short side.
        double reach = 2
                * frame.bars().blur()
                * Math.min(layout.output().width(), layout.output().height());
        double sum = 0;
        for (int i = 0; i < ACROSS_BLUR; i++) {
            for (int j = 0; j < ACROSS_BLUR; j++) {
                double dx = reach / layout.output().width() * 2 * (i - (ACROSS_BLUR - 1) / 2.0) / ACROSS_BLUR;
                double dy = reach / layout.output().height() * 2 * (j - (ACROSS_BLUR - 1) / 2.0) / ACROSS_BLUR;
                double u = (1 - partX) / 2 + (x + dx) * partX;
                double v = (1 - partY) / 2 + (y + dy) * partY;
                sum += ofClip(sample, Math.max(0, Math.min(1, u)), Math.max(0, Math.min(1, v)));
            }
        }
        return sum / (ACROSS_BLUR * ACROSS_BLUR) * (1 - frame.bars().dark());
    }

    /** A part of the turned picture, sought in the upright one. */
    private double ofClip(int sample, double u, double v) {
        return switch (Math.floorMod(frame.turn(), 360)) {
            case 90 -> clip.at(sample, v, 1 - u);
            case 180 -> clip.at(sample, 1 - u, 1 - v);
            case 270 -> clip.at(sample, 1 - v, u);
            default -> clip.at(sample, u, v);
        };
    }
}
