package saltdrum.core.motion;

import saltdrum.core.BadInputException;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** One way to move. The same beat gives the same tracks. */
public interface Motion {
    int MOST_MS = 2000;

    Tracks tracks(Beat beat);

    static void checkLength(int ms) {
        if (ms < 0 || ms > MOST_MS) {
            throw new BadInputException("A motion takes 0 to " + MOST_MS + " ms, not " + ms + ".");
        }
    }

    /** Whole milliseconds and ten thousandths: short to write, and finer than can be seen. */
    static Keyframe key(double t, double value, Easing easing) {
        return new Keyframe(Math.round(t), Math.round(value * 1e4) / 1e4, easing);
    }

    static NumberTrack appear(int fromMs) {
        return NumberTrack.of(Property.OPACITY, key(fromMs - 1, 0, Easing.HOLD), key(fromMs, 1, Easing.HOLD));
    }

    static NumberTrack fadeIn(int fromMs, int ms) {
        return NumberTrack.of(Property.OPACITY, key(fromMs, 0, Easing.OUT), key(fromMs + ms, 1, Easing.HOLD));
    }
}
