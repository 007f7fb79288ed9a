package saltdrum.core.motion;

import saltdrum.core.BadInputException;
import saltdrum.core.parts.ControlHint;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Tracks;

/**
 * How captions appear, or in reverse disappear.
 *
 * @param order of those that move by themselves; of a cue as a whole it says nothing
 * @param stagger between one and the next, ms; less where there is not the time
 * @param ms each takes, at most two thirds of its cue's time
 * @param strength 1 is what is usual
 * @param curve as {@link Curve#parse} reads it
 */
@Label("Passage")
public record Transition(
        @Label("Way") TransitionEffect way,
        @Label("Moves") MotionUnit by,
        @Label("Order") StaggerOrder order,
        @Label("One after another") @NumberRange(least = 0, most = 1000, step = 5, unit = "ms") int stagger,
        @Label("Takes") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int ms,
        @Label("Strength") @NumberRange(least = 0, most = 8, step = 0.05, unit = "×") double strength,
        @Label("Curve") @ControlHint(ValuePart.Control.CURVE) String curve) {
    public static final Transition NONE =
            new Transition(TransitionEffect.NONE, MotionUnit.CUE, StaggerOrder.FORWARD, 0, 0, 1, "ease-out");
    public static final Transition BLANK =
            new Transition(TransitionEffect.RISE, MotionUnit.CUE, StaggerOrder.FORWARD, 40, 220, 1, "ease-out");

    public Transition {
        if (way == null || by == null || order == null) {
            throw new BadInputException("A transition needs an effect, what moves, and in which order.");
        }
        ValueParts.check(Transition.class, stagger, ms, strength);
        Curve.parse(curve);
    }

    public static Transition of(TransitionEffect way, MotionUnit by, StaggerOrder order, int ms) {
        return new Transition(way, by, order, 0, ms, 1, "ease-out");
    }

    /** The same of other things. */
    public Transition by(MotionUnit other, StaggerOrder inOrder) {
        return new Transition(way, other, inOrder, stagger, ms, strength, curve);
    }

    /** Nothing is to be seen of it. */
    public boolean nothing() {
        return by == MotionUnit.CUE && (way == TransitionEffect.NONE || ms == 0);
    }

    public Tracks in(TransitionWindow stay) {
        return way.in(strength, stay, Curve.parse(curve));
    }

    /** The same backwards, and out of sight after. */
    public Tracks out(TransitionWindow stay) {
        TransitionWindow alone =
                new TransitionWindow(stay.fromMs(), stay.ms(), true, stay.em(), stay.number(), stay.leftwards());
        return Motion.mirrored(in(alone), stay.fromMs(), stay.untilMs());
    }
}
