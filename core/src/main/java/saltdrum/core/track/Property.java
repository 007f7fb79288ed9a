package saltdrum.core.track;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * A number that tracks can animate: its value where no track speaks, and what several tracks of it make together. Shifts
 * and blur (the sigma of a Gaussian) in design pixels, rotation in degrees clockwise, insets as parts of a group's clip.
 */
public enum Property {
    @JsonProperty("opacity")
    OPACITY(1, Together.MULTIPLIED),
    @JsonProperty("x")
    X(0, Together.ADDED),
    @JsonProperty("y")
    Y(0, Together.ADDED),
    @JsonProperty("scale")
    SCALE(1, Together.MULTIPLIED),
    @JsonProperty("rotation")
    ROTATION(0, Together.ADDED),
    /** Part of a plate's width that is drawn, from its left. */
    @JsonProperty("extent")
    EXTENT(1, Together.MULTIPLIED),
    @JsonProperty("insetLeft")
    INSET_LEFT(0, Together.ADDED),
    @JsonProperty("insetTop")
    INSET_TOP(0, Together.ADDED),
    @JsonProperty("insetRight")
    INSET_RIGHT(0, Together.ADDED),
    @JsonProperty("insetBottom")
    INSET_BOTTOM(0, Together.ADDED),
    @JsonProperty("blur")
    BLUR(0, Together.ADDED);

    /** How the values of several tracks join with the rest value. */
    public enum Together {
        ADDED,
        MULTIPLIED
    }

    private final double rest;
    private final Together together;

    Property(double rest, Together together) {
        this.rest = rest;
        this.together = together;
    }

    public double rest() {
        return rest;
    }

    public double join(double value, double next) {
        return together == Together.ADDED ? value + next : value * next;
    }
}
