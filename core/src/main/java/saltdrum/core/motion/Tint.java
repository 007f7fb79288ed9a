package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.track.ColourKey;
import saltdrum.core.track.ColourProperty;
import saltdrum.core.track.ColourTrack;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Tracks;

/** Takes another fill while spoken. */
public record Tint(String fill, int ms) implements Spoken {
    public Tint {
        Colours.check(fill);
        Motion.checkLength(ms);
    }

    @Override
    public Moved moves() {
        return Moved.PLAIN_LETTERS;
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
