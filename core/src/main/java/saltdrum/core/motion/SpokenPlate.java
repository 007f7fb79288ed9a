package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Shows a plate under the word while it is spoken; the plate grows to its size from {@code from} of it. */
@Label("A plate under it")
public record SpokenPlate(
        @Label("Plate colour") String fill,
        @Label("Room beside") @NumberRange(least = -0.5, most = 2, step = 0.02, unit = "em") double padX,
        @Label("Reaches up") @NumberRange(least = -1, most = 2, step = 0.02, unit = "em") double top,
        @Label("Begins at") @NumberRange(least = -1, most = 2, step = 0.02, unit = "em") double bottom,
        @Label("Round corners") @NumberRange(least = 0, most = 3, step = 0.02, unit = "em") double radius,
        @Label("Grows from") @NumberRange(least = 0.1, most = 1.5, step = 0.05, unit = "×") double from,
        @Label("Takes") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int ms)
        implements Spoken.Plated {
    public static final SpokenPlate BLANK = new SpokenPlate("#ff6b4a", 0.16, 0.92, -0.22, 0.14, 0.8, 110);

    public SpokenPlate {
        Colours.check(fill);
        ValueParts.check(SpokenPlate.class, padX, top, bottom, radius, from, ms);
    }

    @Override
    public Moved moves() {
        return Moved.PLATE;
    }

    @Override
    public Tracks tracks(Beat beat) {
        int up = beat.up(ms);
        NumberTrack seen = NumberTrack.of(
                Property.OPACITY,
                Motion.key(beat.fromMs(), 0, Easing.OUT),
                Motion.key(beat.fromMs() + Math.max(1, up / 2), 1, Easing.HOLD),
                Motion.key(Math.max(beat.toMs(), beat.fromMs() + Math.max(1, up / 2) + 1), 1, Easing.OUT),
                Motion.key(Math.max(beat.toMs(), beat.fromMs() + up) + Math.max(2, ms), 0, Easing.HOLD));
        return from == 1
                ? Tracks.of(seen)
                : Tracks.of(
                        seen,
                        NumberTrack.of(
                                Property.SCALE,
                                Motion.key(beat.fromMs(), from, Easing.OUT),
                                Motion.key(beat.fromMs() + up, 1, Easing.HOLD)));
    }
}
