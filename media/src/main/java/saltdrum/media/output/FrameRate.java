package saltdrum.media.output;

import java.util.Locale;

/** A constant frame rate as ffmpeg takes it: the broadcast rates as the fractions that they are. */
record FrameRate(double perSecond, String written) {
    private static final int[] BROADCAST = {24, 30, 48, 60, 120};
    private static final double NEAR = 0.005;

    static FrameRate of(double average) {
        for (int whole : BROADCAST) {
            if (Math.abs(average - whole * 1000 / 1001.0) < NEAR) {
                return new FrameRate(whole * 1000 / 1001.0, whole * 1000 + "/1001");
            }
        }
        double rate = Math.abs(average - Math.rint(average)) < NEAR ? Math.rint(average) : average;
        return new FrameRate(rate, String.format(Locale.ROOT, "%.6f", rate));
    }

    /** Frames that fill a length. */
    int frames(long ms) {
        return Math.max(1, (int) Math.round(ms * perSecond / 1000));
    }

    double ms(int frame) {
        return 1000 * frame / perSecond;
    }
}
