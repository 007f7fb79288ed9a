package saltdrum.media.clip;

import java.util.List;
import java.util.Locale;

/** A constant frame rate as an argument of ffmpeg: broadcast rates are exact fractions. */
public record FrameRate(double perSecond, String written) {
    private static final int[] BROADCAST = {24, 30, 48, 60, 120};
    private static final double NEAR = 0.005;

    /** What players and broadcasters know: common practice, no source. */
    public static final List<FrameRate> USUAL =
            List.of(of(23.976), of(24), of(25), of(29.97), of(30), of(50), of(59.94), of(60));

    public static FrameRate of(double average) {
        for (int whole : BROADCAST) {
            if (Math.abs(average - whole * 1000 / 1001.0) < NEAR) {
                return new FrameRate(whole * 1000 / 1001.0, whole * 1000 + "/1001");
            }
        }
        double rate = Math.abs(average - Math.rint(average)) < NEAR ? Math.rint(average) : average;
        return new FrameRate(rate, String.format(Locale.ROOT, "%.6f", rate));
    }

    /** Frames that fill a length. */
    public int frames(long ms) {
        return Math.max(1, (int) Math.round(ms * perSecond / 1000));
    }

    public double ms(int frame) {
        return 1000 * frame / perSecond;
    }

    /** A fraction of a second, {@code 1/n}, of which every frame takes a whole number. */
    public String tick() {
        int slash = written.indexOf('/');
        return slash > 0 ? "1/" + written.substring(0, slash) : "1/" + Math.round(perSecond * 1000);
    }
}
