package saltdrum.core.motion;

import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Draws a line under the word at the pace of the voice. The line remains, or disappears with the end of the word. */
@Label("A line drawn under it")
public record SpokenUnderline(
        @Label("Line colour") String fill,
        @Label("Thick") @NumberRange(least = 0.01, most = 1, step = 0.01, unit = "em") double thick,
        @Label("Below the letters") @NumberRange(least = -1, most = 1, step = 0.01, unit = "em") double below,
        @Label("It stays") boolean stays)
        implements Spoken.Plated {
    public static final SpokenUnderline BLANK = new SpokenUnderline("#ffc24b", 0.09, 0.1, true);

    private static final int GOES_MS = 120;

    public SpokenUnderline {
        Colours.check(fill);
        ValueParts.check(SpokenUnderline.class, thick, below);
    }

    @Override
    public Moved moves() {
        return Moved.PLATE;
    }

    @Override
    public double padX() {
        return 0;
    }

    @Override
    public double top() {
        return -below;
    }

    @Override
    public double bottom() {
        return -below - thick;
    }

    @Override
    public double radius() {
        return thick / 2;
    }

    @Override
    public Tracks tracks(Beat beat) {
        NumberTrack drawn = NumberTrack.of(
                Property.EXTENT,
                Motion.key(beat.fromMs(), 0, Easing.LINEAR),
                Motion.key(Math.max(beat.fromMs() + 1, beat.toMs()), 1, Easing.HOLD));
        return stays
                ? Tracks.of(drawn)
                : Tracks.of(
                        drawn,
                        NumberTrack.of(
                                Property.OPACITY,
                                Motion.key(beat.toMs(), 1, Easing.OUT),
                                Motion.key(beat.toMs() + GOES_MS, 0, Easing.HOLD)));
    }
}
