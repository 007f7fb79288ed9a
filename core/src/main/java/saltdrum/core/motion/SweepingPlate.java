package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Extends a plate from the left under the word at the pace of the voice; it disappears with the end of the word. */
@Label("A plate runs under it")
public record SweepingPlate(
        @Label("Plate colour") String fill,
        @Label("Room beside") @NumberRange(least = -0.5, most = 2, step = 0.02, unit = "em") double padX,
        @Label("Reaches up") @NumberRange(least = -1, most = 2, step = 0.02, unit = "em") double top,
        @Label("Begins at") @NumberRange(least = -1, most = 2, step = 0.02, unit = "em") double bottom,
        @Label("Round corners") @NumberRange(least = 0, most = 3, step = 0.02, unit = "em") double radius,
        @Label("Goes in") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken.Plated {
    public static final SweepingPlate BLANK = new SweepingPlate("#9fd6cb", 0.08, 0.3, -0.16, 0.12, 140);

    public SweepingPlate {
        Colours.check(fill);
        ValueParts.check(SweepingPlate.class, padX, top, bottom, radius, ms);
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
