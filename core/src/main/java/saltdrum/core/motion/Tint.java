package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.ColourKey;
import saltdrum.core.track.ColourProperty;
import saltdrum.core.track.ColourTrack;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Takes another fill while spoken. */
@Label("Another colour")
public record Tint(
        @Label("Its colour") String fill,
        @Label("Comes in") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken.Coloured {
    public static final Tint BLANK = new Tint("#ffc24b", 80);

    public Tint {
        Colours.check(fill);
        ValueParts.check(Tint.class, ms);
    }

    @Override
    public Moved moves() {
        return Moved.PLAIN_LETTERS;
    }

    @Override
    public boolean copied(boolean blended) {
        return blended;
    }

    @Override
    public Tracks copy(Beat beat) {
        return Tracks.of(NumberTrack.of(
                Property.OPACITY,
                Motion.key(beat.fromMs(), 0, Easing.OUT),
                Motion.key(beat.fromMs() + beat.up(ms), 1, Easing.HOLD),
                Motion.key(beat.toMs(), 1, Easing.OUT),
                Motion.key(beat.toMs() + ms, 0, Easing.HOLD)));
    }

    @Override
    public Tracks tracks(Beat beat) {
        return Tracks.of(ColourTrack.of(
                ColourProperty.FILL,
                new ColourKey(beat.fromMs(), beat.fill(), Easing.OUT),
                new ColourKey(beat.fromMs() + beat.up(ms), fill, Easing.HOLD),
                new ColourKey(beat.toMs(), fill, Easing.OUT),
                new ColourKey(beat.toMs() + ms, beat.fill(), Easing.HOLD)));
    }
}
