package saltdrum.core.motion;

import saltdrum.core.BadInputException;
import saltdrum.core.parts.Says;
import saltdrum.core.parts.ShownAs;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.parts.Within;
import saltdrum.core.track.Tracks;

/**
 * How captions come, or backwards go.
 *
 * @param order of those that move by themselves; of a cue as a whole it says nothing
 * @param stagger between one and the next, ms; less where there is not the time
 * @param ms each takes, at most two thirds of its cue's time
 * @param strength 1 is what is usual
 * @param curve as {@link Curve#parse} reads it
 */
@Says("Passage")
public record Passage(
        @Says("Way") Way way,
        @Says("Moves") By by,
        @Says("Order") Order order,
        @Says("One after another") @Within(least = 0, most = 1000, step = 5, unit = "ms") int stagger,
        @Says("Takes") @Within(least = 0, most = 2000, step = 10, unit = "ms") int ms,
        @Says("Strength") @Within(least = 0, most = 8, step = 0.05, unit = "×") double strength,
        @Says("Curve") @ShownAs(ValuePart.Control.CURVE) String curve) {
    public static final Passage NONE = new Passage(Way.NONE, By.CUE, Order.FORWARD, 0, 0, 1, "ease-out");
    public static final Passage BLANK = new Passage(Way.RISE, By.CUE, Order.FORWARD, 40, 220, 1, "ease-out");

    public Passage {
        if (way == null || by == null || order == null) {
            throw new BadInputException("A passage says its way, what moves and in which order.");
        }
        ValueParts.check(Passage.class, stagger, ms, strength);
        Curve.parse(curve);
    }

    public static Passage of(Way way, By by, Order order, int ms) {
        return new Passage(way, by, order, 0, ms, 1, "ease-out");
    }

    /** The same of other things. */
    public Passage by(By other, Order inOrder) {
        return new Passage(way, other, inOrder, stagger, ms, strength, curve);
    }

    /** Nothing is to be seen of it. */
    public boolean nothing() {
        return by == By.CUE && (way == Way.NONE || ms == 0);
    }

    public Tracks in(Stay stay) {
        return way.in(strength, stay, Curve.parse(curve));
    }

    /** The same backwards, and out of sight after. */
    public Tracks out(Stay stay) {
        Stay alone = new Stay(stay.fromMs(), stay.ms(), true, stay.em(), stay.number(), stay.leftwards());
        return Motion.mirrored(in(alone), stay.fromMs(), stay.untilMs());
    }
}
