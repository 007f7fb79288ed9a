package saltdrum.core.style;

import saltdrum.core.BadInputException;
import saltdrum.core.colour.Colours;

/** A rounded plate behind each line; lengths in em. */
public record Backing(String fill, double padX, double padY, double radius) {
    public Backing {
        Colours.check(fill);
        if (!(padX >= 0 && padX <= 3 && padY >= 0 && padY <= 3 && radius >= 0 && radius <= 3)) {
            throw new BadInputException("A backing pads and rounds by 0 to 3 em.");
        }
    }
}
