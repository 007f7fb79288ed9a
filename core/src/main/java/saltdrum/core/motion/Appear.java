package saltdrum.core.motion;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import saltdrum.core.track.Tracks;

/** Is there, without a motion. */
@JsonIgnoreProperties({"ms", "amount"})
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
