package saltdrum.core.motion;

import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Swells past full size and settles; {@code amount} is how far it overshoots 1 (0.07 is usual). */
public record Pop(Unit unit, int ms, double amount) implements Entrance {
    public Pop {
        Entrance.check(unit, ms, amount);
    }

    @Override
    public Tracks tracks(Beat beat) {
        int from = beat.fromMs();
        int in = beat.in(ms);
        NumberTrack size = NumberTrack.of(
                Property.SCALE,
                Motion.key(from, 1 - 0.43 * amount, Easing.OUT),
                Motion.key(from + 0.45 * in, 1 + amount, Easing.IN_OUT),
                Motion.key(from + in, 1, Easing.HOLD));
        return beat.late() ? Tracks.of(Motion.appear(from), size) : Tracks.of(size);
    }
}
