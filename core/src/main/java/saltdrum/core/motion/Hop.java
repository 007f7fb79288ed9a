package saltdrum.core.motion;

import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Hops up when it is spoken and lands with a small second hop. */
@Label("Hop")
public record Hop(
        @Label("How high") @NumberRange(least = 0, most = 2, step = 0.01, unit = "em") double height,
        @Label("Takes") @NumberRange(least = 40, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken {
    public static final Hop BLANK = new Hop(0.22, 320);

    private static final double SECOND = 0.22;

    public Hop {
        ValueParts.check(Hop.class, height, ms);
    }

    @Override
    public Moved moves() {
        return Moved.LETTERS;
    }

    @Override
    public Tracks tracks(Beat beat) {
        int from = beat.fromMs();
        double up = -height * beat.em();
        return Tracks.of(NumberTrack.of(
                Property.Y,
                Motion.key(from, 0, Easing.OUT),
                Motion.key(from + 0.3 * ms, up, Easing.IN),
                Motion.key(from + 0.6 * ms, 0, Easing.OUT),
                Motion.key(from + 0.8 * ms, SECOND * up, Easing.IN),
                Motion.key(from + ms, 0, Easing.HOLD)));
    }
}
