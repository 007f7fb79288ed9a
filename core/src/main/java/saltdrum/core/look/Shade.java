package saltdrum.core.look;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import saltdrum.core.BadInputException;
import saltdrum.core.colour.Colours;

/** A shadow of the letters and their outlines together. Lengths in em. */
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
     * @param blur the Gaussian's sigma, 0 to 1; 0 for a hard edge
     * @param spread how far it is larger than what casts it, 0 to 0.5
     */
    record Soft(String colour, double dx, double dy, double blur, double spread) implements Shade {
        public Soft {
            Colours.check(colour);
            if (!(Math.abs(dx) <= 2 && Math.abs(dy) <= 2 && blur >= 0 && blur <= 1 && spread >= 0 && spread <= 0.5)) {
                throw new BadInputException(
                        "A shadow lies within 2 em, blurs by 0 to 1 em and spreads by 0 to 0.5 em.");
            }
        }
    }

    /**
     * The letters drawn out in one direction.
     *
     * @param angle where it goes, in degrees: 0 upwards, 90 to the right
     * @param length 0 to 3
     */
    record Long(String colour, double angle, double length) implements Shade {
        public Long {
            Colours.check(colour);
            if (!(Math.abs(angle) <= 360 && length >= 0 && length <= 3)) {
                throw new BadInputException("A long shadow goes within 360 degrees and is 0 to 3 em long.");
            }
        }
    }
}
