package saltdrum.core.motion;

import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Comes up from below while it fades in; {@code amount} is the way in em. */
public record Rise(Unit unit, int ms, double amount) implements Entrance {
    public Rise {
        Entrance.check(unit, ms, amount);
    }

    @Override
    public Tracks tracks(Beat beat) {
        int from = beat.fromMs();
        int in = beat.in(ms);
        return Tracks.of(
                Motion.fadeIn(from, in),
                NumberTrack.of(
                        Property.Y,
                        Motion.key(from, amount * beat.em(), Easing.OUT),
                        Motion.key(from + in, 0, Easing.HOLD)));
    }
}
