package saltdrum.core.motion;

import saltdrum.core.BadInputException;
import saltdrum.core.parts.Says;
import saltdrum.core.parts.ShownAs;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.parts.Within;

/**
 * How one thing by itself comes, as its word is said.
 *
 * @param way {@link Way#NONE} for with its word
 * @param ms at most two thirds of the time that is left
 * @param strength 1 is what is usual
 * @param curve as {@link Curve#parse} reads it
 */
@Says("Arrival")
public record Arrival(
        @Says("Way") Way way,
        @Says("Takes") @Within(least = 0, most = 2000, step = 10, unit = "ms") int ms,
        @Says("Strength") @Within(least = 0, most = 8, step = 0.05, unit = "×") double strength,
        @Says("Curve") @ShownAs(ValuePart.Control.CURVE) String curve) {
    public static final Arrival WITH_WORD = new Arrival(Way.NONE, 0, 1, "ease-out");
    public static final Arrival BLANK = new Arrival(Way.POP, 260, 1, "ease-out");

    public Arrival {
        if (way == null) {
            throw new BadInputException("What comes by itself says its way.");
        }
        ValueParts.check(Arrival.class, ms, strength);
        Curve.parse(curve);
    }

    public Passage passage() {
        return new Passage(way, By.WORD, Order.VOICE, 0, ms, strength, curve);
    }
}
