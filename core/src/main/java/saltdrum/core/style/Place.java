package saltdrum.core.style;

import saltdrum.core.BadInputException;

/** Where the block of lines stands: its centre and its greatest width as fractions of the frame. */
public record Place(double x, double y, double width) {
    public Place {
        if (!(x >= 0 && x <= 1 && y >= 0 && y <= 1 && width > 0.05 && width <= 1)) {
            throw new BadInputException("A place lies between 0 and 1 and is 0.05 to 1 wide.");
        }
    }
}
