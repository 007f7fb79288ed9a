package saltdrum.core.look;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Says;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.parts.Within;

/** A shadow of the letters and their outlines together. Lengths in em. */
@Says("Shadow")
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Shade.Soft.class, name = "soft"),
    @JsonSubTypes.Type(value = Shade.Long.class, name = "long"),
})
public sealed interface Shade {
    String colour();

    /**
     * A shadow, or without an offset a glow.
     *
     * @param blur the Gaussian's sigma; 0 for a hard edge
     * @param spread how far it is larger than what casts it
     */
    @Says(value = "Shadow, glow", about = "Beside the letters, or around them")
    record Soft(
            @Says("Shadow colour") String colour,
            @Says("To the right") @Within(least = -2, most = 2, step = 0.01, unit = "em") double dx,
            @Says("Down") @Within(least = -2, most = 2, step = 0.01, unit = "em") double dy,
            @Says("Blur") @Within(least = 0, most = 1, step = 0.01, unit = "em") double blur,
            @Says("Spread") @Within(least = 0, most = 0.5, step = 0.01, unit = "em") double spread)
            implements Shade {
        public static final Soft BLANK = new Soft("#0d2b30cc", 0, 0.05, 0.06, 0);

        public Soft {
            Colours.check(colour);
            ValueParts.check(Soft.class, dx, dy, blur, spread);
        }
    }

    /**
     * The letters drawn out in one direction.
     *
     * @param angle where it goes, in degrees: 0 upwards, 90 to the right
     */
    @Says(value = "Drawn out", about = "The letters drawn out in one direction")
    record Long(
            @Says("Shadow colour") String colour,
            @Says("Direction") @Within(least = -360, most = 360, step = 5, unit = "°") double angle,
            @Says("Length") @Within(least = 0, most = 3, step = 0.02, unit = "em") double length)
            implements Shade {
        public static final Long BLANK = new Long("#0d2b30", 135, 0.3);

        public Long {
            Colours.check(colour);
            ValueParts.check(Long.class, angle, length);
        }
    }
}
