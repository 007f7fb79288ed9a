package saltdrum.core.motion;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** A kind of motion. The same beat gives the same tracks. */
public interface Motion {
    Tracks tracks(Beat beat);

    /** The factor by which it enlarges what it moves, at most; 1 for none. */
    default double swells() {
        return 1;
    }

    /** Whole milliseconds and ten thousandths: short to write, and finer than can be seen. */
    static Keyframe key(double t, double value, Easing easing) {
        return new Keyframe(Math.round(t), Math.round(value * 1e4) / 1e4, easing);
    }

    /** A swing about rest that dies away. @param swings half swings, the first to the side of {@code far} */
    static List<Keyframe> dying(int fromMs, int ms, double far, int swings) {
        List<Keyframe> keys = new ArrayList<>();
        keys.add(key(fromMs, 0, Easing.OUT));
        for (int i = 0; i < swings; i++) {
            double left = 1 - (double) i / swings;
            keys.add(key(fromMs + ms * (i + 0.5) / swings, far * left * left * (i % 2 == 0 ? 1 : -1), Easing.IN_OUT));
        }
        keys.add(key(fromMs + ms, 0, Easing.HOLD));
        return keys;
    }

    /** What happens between two times, the other way round. */
    static Tracks mirrored(Tracks tracks, double fromMs, double toMs) {
        return new Tracks(
                tracks.numbers().stream()
                        .map(track -> mirrored(track, fromMs + toMs))
                        .toList(),
                List.of());
    }

    private static NumberTrack mirrored(NumberTrack track, double sum) {
        List<Keyframe> keys = new ArrayList<>();
        for (int i = track.keys().size() - 1; i >= 0; i--) {
            Easing easing =
                    i == 0 ? Easing.HOLD : track.keys().get(i - 1).easing().mirrored();
            keys.add(new Keyframe(
                    sum - track.keys().get(i).t(), track.keys().get(i).value(), easing));
        }
        return new NumberTrack(track.property(), keys);
    }

    static NumberTrack appear(int fromMs) {
        return NumberTrack.of(Property.OPACITY, key(fromMs - 1, 0, Easing.HOLD), key(fromMs, 1, Easing.HOLD));
    }

    static NumberTrack fadeIn(int fromMs, int ms) {
        return NumberTrack.of(Property.OPACITY, key(fromMs, 0, Easing.OUT), key(fromMs + ms, 1, Easing.HOLD));
    }
}
