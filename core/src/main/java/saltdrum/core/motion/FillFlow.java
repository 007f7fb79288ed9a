package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Another fill runs through the word at the pace of the voice, and stays. */
@Label("Colour that runs through")
public record FillFlow(@Label("Its colour") String fill) implements Spoken.Coloured {
    public static final FillFlow BLANK = new FillFlow("#ffc24b");

    public FillFlow {
        Colours.check(fill);
    }

    @Override
    public Moved moves() {
        return Moved.COPY;
    }

    @Override
    public Tracks tracks(Beat beat) {
        return Tracks.of(NumberTrack.of(
                beat.leftwards() ? Property.INSET_LEFT : Property.INSET_RIGHT,
                Motion.key(beat.fromMs(), 1, Easing.LINEAR),
                Motion.key(Math.max(beat.fromMs() + 1, beat.toMs()), 0, Easing.HOLD)));
    }

    @Override
    public boolean uncovered() {
        return true;
    }
}
