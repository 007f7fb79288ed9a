package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Takes another fill when it is spoken, and keeps it. */
@Label("Colour that stays")
public record PersistentTint(
        @Label("Its colour") String fill,
        @Label("Comes in") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken.Coloured {
    public static final PersistentTint BLANK = new PersistentTint("#ffc24b", 120);

    public PersistentTint {
        Colours.check(fill);
        ValueParts.check(PersistentTint.class, ms);
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
