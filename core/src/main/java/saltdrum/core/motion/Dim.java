package saltdrum.core.motion;

import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Dims all words except the spoken one; at 0 only the spoken word is visible. */
@Label(value = "The others dim", about = "At 0 only the spoken word is visible")
public record Dim(
        @Label("The others’ opacity") @NumberRange(least = 0, most = 1, step = 0.02) double others,
        @Label("Takes") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken {
    public static final Dim BLANK = new Dim(0.4, 120);

    public Dim {
        ValueParts.check(Dim.class, others, ms);
    }

    @Override
    public Moved moves() {
        return Moved.LETTERS;
    }

    @Override
    public Tracks tracks(Beat beat) {
        int up = beat.up(ms);
        return Tracks.of(NumberTrack.of(
                Property.OPACITY,
                Motion.key(beat.fromMs(), others, Easing.OUT),
                Motion.key(beat.fromMs() + up, 1, Easing.HOLD),
                Motion.key(Math.max(beat.toMs(), beat.fromMs() + up + 1), 1, Easing.OUT),
                Motion.key(Math.max(beat.toMs(), beat.fromMs() + up + 1) + Math.max(1, ms), others, Easing.HOLD)));
    }
}
