package saltdrum.core.look;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;

/** A shadow of the letters and their outlines together. Lengths in em. */
@Label("Shadow")
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = TextShadow.Soft.class, name = "soft"),
    @JsonSubTypes.Type(value = TextShadow.Long.class, name = "long"),
})
public sealed interface TextShadow {
    String colour();

    /**
     * A shadow, or without an offset a glow.
     *
     * @param blur the Gaussian's sigma; 0 for a hard edge
     * @param spread how far it is larger than what casts it
     */
    @Label(value = "Shadow, glow", about = "Beside the letters, or around them")
    record Soft(
            @Label("Shadow colour") String colour,
            @Label("To the right") @NumberRange(least = -2, most = 2, step = 0.01, unit = "em") double dx,
            @Label("Down") @NumberRange(least = -2, most = 2, step = 0.01, unit = "em") double dy,
            @Label("Blur") @NumberRange(least = 0, most = 1, step = 0.01, unit = "em") double blur,
            @Label("Spread") @NumberRange(least = 0, most = 0.5, step = 0.01, unit = "em") double spread)
            implements TextShadow {
        public static final Soft BLANK = new Soft("#0d2b30cc", 0, 0.05, 0.06, 0);

        public Soft {
            Colours.check(colour);
            ValueParts.check(Soft.class, dx, dy, blur, spread);
        }
    }

    /**
     * The letters extended in one direction.
     *
     * @param angle where it goes, in degrees: 0 upwards, 90 to the right
     */
    @Label(value = "Drawn out", about = "The letters extended in one direction")
    record Long(
            @Label("Shadow colour") String colour,
            @Label("Direction") @NumberRange(least = -360, most = 360, step = 5, unit = "°") double angle,
            @Label("Length") @NumberRange(least = 0, most = 3, step = 0.02, unit = "em") double length)
            implements TextShadow {
        public static final Long BLANK = new Long("#0d2b30", 135, 0.3);

        public Long {
            Colours.check(colour);
            ValueParts.check(Long.class, angle, length);
        }
    }
}
