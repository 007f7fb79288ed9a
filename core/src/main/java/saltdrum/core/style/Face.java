package saltdrum.core.style;

import saltdrum.core.BadInputException;

/** A typeface by family name and weight (CSS Fonts: 1 to 1000). */
public record Face(String family, int weight) {
    public Face {
        if (family == null || family.isBlank() || weight < 1 || weight > 1000) {
            throw new BadInputException("A typeface needs a family and a weight between 1 and 1000.");
        }
    }
}
