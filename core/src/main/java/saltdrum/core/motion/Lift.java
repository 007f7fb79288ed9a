package saltdrum.core.motion;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Stands higher (em) and larger (1 is its own size) while spoken. */
public record Lift(double rise, double scale, int ms) implements Spoken {
    public Lift {
        Motion.checkLength(ms);
        if (!(Math.abs(rise) <= 2 && scale > 0.2 && scale < 3)) {
            throw new BadInputException("A lift rises within 2 em and scales between 0.2 and 3.");
        }
    }

    @Override
    public Moved moves() {
        return Moved.LETTERS;
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
                Motion.key(beat.toMs() + ms, rest, Easing.HOLD));
    }
}
