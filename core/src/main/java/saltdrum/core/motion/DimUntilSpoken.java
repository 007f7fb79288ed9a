package saltdrum.core.motion;

import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Is faint before it is spoken, {@code before} opacity 0 to 1, and stays lit after. */
@Label(value = "Faint until spoken", about = "At 0 words that are not spoken yet are invisible")
public record DimUntilSpoken(
        @Label("Opacity before") @NumberRange(least = 0, most = 1, step = 0.02) double before,
        @Label("Takes") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken {
    public static final DimUntilSpoken BLANK = new DimUntilSpoken(0.45, 120);

    public DimUntilSpoken {
        ValueParts.check(DimUntilSpoken.class, before, ms);
    }

    @Override
    public Moved moves() {
        return Moved.LETTERS_EARLY;
    }

    @Override
    public Tracks tracks(Beat beat) {
        return Tracks.of(NumberTrack.of(
                Property.OPACITY,
                Motion.key(beat.fromMs(), before, Easing.OUT),
                Motion.key(beat.fromMs() + Math.max(1, ms), 1, Easing.HOLD)));
    }
}
