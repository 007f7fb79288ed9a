package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Says;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.parts.Within;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Takes another fill when it is spoken, and keeps it. */
@Says("Colour that stays")
public record Stain(
        @Says("Its colour") String fill,
        @Says("Comes in") @Within(least = 0, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken {
    public static final Stain BLANK = new Stain("#ffc24b", 120);

    public Stain {
        Colours.check(fill);
        ValueParts.check(Stain.class, ms);
    }

    @Override
    public Moved moves() {
        return Moved.COPY;
    }

    @Override
    public Tracks tracks(Beat beat) {
        return Tracks.of(NumberTrack.of(
                Property.OPACITY,
                Motion.key(beat.fromMs(), 0, Easing.OUT),
                Motion.key(beat.fromMs() + beat.up(ms), 1, Easing.HOLD)));
    }
}
