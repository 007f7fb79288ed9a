package saltdrum.core.scene;

import saltdrum.core.motion.Easing;

/**
 * @param t milliseconds of the clip
 * @param value of a number property; 0 for fill
 * @param colour of the fill property, else null
 * @param easing from this keyframe to the next
 */
public record Keyframe(double t, double value, String colour, Easing easing) {
    public static Keyframe of(double t, double value, Easing easing) {
        return new Keyframe(t, value, null, easing);
    }

    public static Keyframe of(double t, String colour, Easing easing) {
        return new Keyframe(t, 0, colour, easing);
    }
}
