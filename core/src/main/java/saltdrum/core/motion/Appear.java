package saltdrum.core.motion;

import saltdrum.core.track.Tracks;

/** Is there, without a motion. */
public record Appear(Unit unit) implements Entrance {
    public Appear {
        Entrance.check(unit, 0, 0);
    }

    @Override
    public int ms() {
        return 0;
    }

    @Override
    public Tracks tracks(Beat beat) {
        return beat.late() ? Tracks.of(Motion.appear(beat.fromMs())) : Tracks.NONE;
    }
}
