package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** A plate runs out from the left under the word, at its pace, and goes with it. Sizes in em. */
public record Sweep(String fill, double padX, double top, double bottom, double radius, int ms) implements Spoken {
    public Sweep {
        Colours.check(fill);
        Motion.checkLength(ms);
    }

    @Override
    public Moved moves() {
        return Moved.PLATE;
    }

    @Override
    public Tracks tracks(Beat beat) {
        int run = Math.min(beat.lengthMs(), Math.max(ms, beat.lengthMs() * 2 / 3));
        return Tracks.of(
                NumberTrack.of(
                        Property.EXTENT,
                        Motion.key(beat.fromMs(), 0, Easing.OUT),
                        Motion.key(beat.fromMs() + run, 1, Easing.HOLD)),
                NumberTrack.of(
                        Property.OPACITY,
                        Motion.key(beat.toMs(), 1, Easing.IN_OUT),
                        Motion.key(beat.toMs() + ms, 0, Easing.HOLD)));
    }
}
