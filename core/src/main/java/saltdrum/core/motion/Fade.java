package saltdrum.core.motion;

import saltdrum.core.track.Tracks;

/** Fades in. */
public record Fade(Unit unit, int ms) implements Entrance {
    public Fade {
        Entrance.check(unit, ms, 0);
    }

    @Override
    public Tracks tracks(Beat beat) {
        return Tracks.of(Motion.fadeIn(beat.fromMs(), beat.in(ms)));
    }
}
