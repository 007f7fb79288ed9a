package saltdrum.core.motion;

import saltdrum.core.BadInputException;
import saltdrum.core.parts.ControlHint;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;

/**
 * How a single thing appears when its word is spoken.
 *
 * @param way {@link TransitionEffect#NONE} to appear with its word
 * @param ms duration; at most two thirds of the time that is left
 * @param strength 1 is the usual one
 * @param curve as {@link Curve#parse} reads it
 */
@Label("Arrival")
public record WordArrival(
        @Label("Way") TransitionEffect way,
        @Label("Takes") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int ms,
        @Label("Strength") @NumberRange(least = 0, most = 8, step = 0.05, unit = "×") double strength,
        @Label("Curve") @ControlHint(ValuePart.Control.CURVE) String curve) {
    public static final WordArrival WITH_WORD = new WordArrival(TransitionEffect.NONE, 0, 1, "ease-out");
    public static final WordArrival BLANK = new WordArrival(TransitionEffect.POP, 260, 1, "ease-out");

    public WordArrival {
        if (way == null) {
            throw new BadInputException("What appears by itself needs an effect.");
        }
        ValueParts.check(WordArrival.class, ms, strength);
        Curve.parse(curve);
    }

    public Transition passage() {
        return new Transition(way, MotionUnit.WORD, StaggerOrder.VOICE, 0, ms, strength, curve);
    }
}
