package saltdrum.core.motion;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Raises the word (em) and enlarges it (1 is its own size) while it is spoken. */
@Label("Swell and rise")
public record Lift(
        @Label("Rises by") @NumberRange(least = -2, most = 2, step = 0.01, unit = "em") double rise,
        @Label("Swells to") @NumberRange(least = 0.2, most = 3, step = 0.01, unit = "×") double scale,
        @Label("Takes") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken {
    public static final Lift BLANK = new Lift(0.03, 1.08, 90);

    public Lift {
        ValueParts.check(Lift.class, rise, scale, ms);
    }

    @Override
    public Moved moves() {
        return Moved.LETTERS;
    }

    @Override
    public double swells() {
        return Math.max(1, scale);
    }

    @Override
    public Tracks tracks(Beat beat) {
        List<NumberTrack> tracks = new ArrayList<>();
        if (scale != 1) {
            tracks.add(whileSpoken(beat, Property.SCALE, scale));
        }
        if (rise != 0) {
            tracks.add(whileSpoken(beat, Property.Y, -rise * beat.em()));
        }
        return new Tracks(tracks, List.of());
    }

    private NumberTrack whileSpoken(Beat beat, Property property, double spoken) {
        double rest = property.rest();
        return NumberTrack.of(
                property,
                Motion.key(beat.fromMs(), rest, Easing.OUT),
                Motion.key(beat.fromMs() + beat.up(ms), spoken, Easing.HOLD),
                Motion.key(beat.toMs(), spoken, Easing.IN_OUT),
                Motion.key(beat.toMs() + Math.max(1, ms), rest, Easing.HOLD));
    }
}
