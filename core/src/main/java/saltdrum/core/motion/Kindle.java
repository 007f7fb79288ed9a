package saltdrum.core.motion;

import saltdrum.core.BadInputException;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Is faint before it is spoken, {@code before} opacity 0 to 1, and stays lit after. */
public record Kindle(double before, int ms) implements Spoken {
    public Kindle {
        Motion.checkLength(ms);
        if (!(before >= 0 && before <= 1)) {
            throw new BadInputException("The opacity before must lie between 0 and 1.");
        }
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
                Motion.key(beat.fromMs() + ms, 1, Easing.HOLD)));
    }
}
