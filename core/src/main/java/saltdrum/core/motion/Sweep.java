package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Says;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.parts.Within;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** A plate runs out from the left under the word, at its pace, and goes with it. */
@Says("A plate runs under it")
public record Sweep(
        @Says("Plate colour") String fill,
        @Says("Room beside") @Within(least = -0.5, most = 2, step = 0.02, unit = "em") double padX,
        @Says("Reaches up") @Within(least = -1, most = 2, step = 0.02, unit = "em") double top,
        @Says("Begins at") @Within(least = -1, most = 2, step = 0.02, unit = "em") double bottom,
        @Says("Round corners") @Within(least = 0, most = 3, step = 0.02, unit = "em") double radius,
        @Says("Goes in") @Within(least = 0, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken.Plated {
    public static final Sweep BLANK = new Sweep("#9fd6cb", 0.08, 0.3, -0.16, 0.12, 140);

    public Sweep {
        Colours.check(fill);
        ValueParts.check(Sweep.class, padX, top, bottom, radius, ms);
    }

    @Override
    public Moved moves() {
        return Moved.PLATE;
    }

    @Override
    public Tracks tracks(Beat beat) {
        int run = Math.max(1, Math.min(beat.lengthMs(), Math.max(ms, beat.lengthMs() * 2 / 3)));
        return Tracks.of(
                NumberTrack.of(
                        Property.EXTENT,
                        Motion.key(beat.fromMs(), 0, Easing.OUT),
                        Motion.key(beat.fromMs() + run, 1, Easing.HOLD)),
                NumberTrack.of(
                        Property.OPACITY,
                        Motion.key(beat.toMs(), 1, Easing.IN_OUT),
                        Motion.key(beat.toMs() + Math.max(1, ms), 0, Easing.HOLD)));
    }
}
