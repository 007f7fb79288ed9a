package saltdrum.core.track;

/**
 * @param t milliseconds of the clip
 * @param easing from this keyframe to the next
 */
public record Keyframe(double t, double value, Easing easing) {}
