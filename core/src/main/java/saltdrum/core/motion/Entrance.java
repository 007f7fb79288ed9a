package saltdrum.core.motion;

import saltdrum.core.BadInputException;

/**
 * How words come in.
 *
 * @param kind what moves
 * @param unit whether the whole cue comes at once or each word as it is spoken
 * @param ms length of the motion, 0 to 2000
 * @param amount for {@code POP} how far it overshoots 1 (0.07 is usual); for {@code RISE} the way, in em
 */
public record Entrance(Kind kind, Unit unit, int ms, double amount) {
    public static final Entrance NONE = new Entrance(Kind.NONE, Unit.CUE, 0, 0);

    /** {@code POP} swells past full size and settles; {@code RISE} comes up from below; {@code FADE} appears. */
    public enum Kind {
        NONE,
        POP,
        RISE,
        FADE
    }

    public enum Unit {
        CUE,
        WORD
    }

    public Entrance {
        if (kind == null || unit == null || ms < 0 || ms > 2000 || !(Math.abs(amount) <= 4)) {
            throw new BadInputException("An entrance needs a kind, a unit, 0 to 2000 ms and an amount within 4.");
        }
    }
}
