package saltdrum.core.motion;

import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Fades away at the end of the beat, in a third of its time at most. */
public record FadeOut(int ms) implements Motion {
    @Override
    public Tracks tracks(Beat beat) {
        int out = Math.min(ms, beat.lengthMs() / 3);
        return out <= 0
                ? Tracks.NONE
                : Tracks.of(NumberTrack.of(
                        Property.OPACITY,
                        Motion.key(beat.toMs() - out, 1, Easing.IN),
                        Motion.key(beat.toMs(), 0, Easing.HOLD)));
    }
}
