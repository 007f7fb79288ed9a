package saltdrum.core.look;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.colour.Colours;
import saltdrum.core.paint.GradientStop;
import saltdrum.core.parts.ControlHint;
import saltdrum.core.parts.ValuePart;

/** The fill of letters, outlines and plates. */
@ControlHint(ValuePart.Control.INK)
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Ink.Flat.class, name = "flat"),
    @JsonSubTypes.Type(value = Ink.Blend.class, name = "blend"),
})
public sealed interface Ink {
    int MOST_STOPS = 12;

    /** What new outlines and plates have. */
    Ink DARK = new Flat("#0d2b30");

    /** A single colour, for formats that support no other ink. */
    String colour();

    record Flat(String colour) implements Ink {
        public Flat {
            Colours.check(colour);
        }
    }

    /**
     * A gradient.
     *
     * @param across what it runs over once
     * @param round from the middle outwards instead of along a line
     * @param angle of the line in degrees as in CSS Images: 0 upwards, 90 to the right
     * @param stops 2 to 12, in the order of its way
     */
    record Blend(Across across, boolean round, double angle, List<GradientStop> stops) implements Ink {
        public Blend {
            if (across == null || stops == null || stops.size() > MOST_STOPS) {
                throw new BadInputException(
                        "A gradient needs what it extends across, and 2 to " + MOST_STOPS + " colours.");
            }
            if (!(Math.abs(angle) <= 360)) {
                throw new BadInputException("A gradient's angle is within 360 degrees.");
            }
            stops = GradientStop.checked(stops);
        }

        @Override
        public String colour() {
            return stops.get(0).colour();
        }
    }

    enum Across {
        LETTER,
        WORD,
        LINE,
        CUE
    }

    static Ink of(String colour) {
        return new Flat(colour);
    }
}
