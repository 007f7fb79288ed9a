package saltdrum.core.track;

/**
 * @param t milliseconds of the clip
 * @param easing from this key to the next
 */
public record ColourKey(double t, String colour, Easing easing) {}
