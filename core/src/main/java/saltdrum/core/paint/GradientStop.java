package saltdrum.core.paint;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.colour.Colours;

/** A colour of a gradient, {@code at} 0 to 1 of its way. */
public record GradientStop(double at, String colour) {
    public GradientStop {
        Colours.check(colour);
        if (!(at >= 0 && at <= 1)) {
            throw new BadInputException("A gradient's colour has a position from 0 to 1, not " + at + ".");
        }
    }

    public static List<GradientStop> checked(List<GradientStop> stops) {
        List<GradientStop> kept = List.copyOf(stops);
        if (kept.size() < 2) {
            throw new BadInputException("A gradient needs two colours or more.");
        }
        for (int i = 1; i < kept.size(); i++) {
            if (kept.get(i).at < kept.get(i - 1).at) {
                throw new BadInputException("A gradient's colours are in the order of their positions.");
            }
        }
        return kept;
    }

    /** The colour halfway between the first and the last. */
    static String middle(List<GradientStop> stops) {
        return Colours.mix(stops.get(0).colour, stops.get(stops.size() - 1).colour, 0.5);
    }
}
