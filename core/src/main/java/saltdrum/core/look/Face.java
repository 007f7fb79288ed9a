package saltdrum.core.look;

import java.util.List;
import saltdrum.core.BadInputException;

/**
 * A typeface with weight, width and slant.
 *
 * @param weight as in CSS Fonts: 1 to 1000
 * @param italic slanted where the family has no italic
 * @param width of the letters against their own, 0.5 to 2
 * @param axes of a variable typeface, beside weight, width and slant
 */
public record Face(String family, int weight, boolean italic, double width, List<Axis> axes) {
    public Face {
        if (family == null || family.isBlank() || weight < 1 || weight > 1000 || !(width >= 0.5 && width <= 2)) {
            throw new BadInputException(
                    "A typeface needs a family, a weight between 1 and 1000 and a width between 0.5 and 2.");
        }
        axes = List.copyOf(axes);
    }

    public Face(String family, int weight, boolean italic, double width) {
        this(family, weight, italic, width, List.of());
    }

    public Face(String family, int weight) {
        this(family, weight, false, 1);
    }
}
