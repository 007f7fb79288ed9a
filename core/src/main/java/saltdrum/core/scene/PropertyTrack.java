package saltdrum.core.scene;

import java.util.List;
import saltdrum.core.colour.Colours;
import saltdrum.core.motion.Easing;

/** One property over time. Before the first keyframe its value holds, after the last one too. */
public record PropertyTrack(Property property, List<Keyframe> keys) {
    public PropertyTrack {
        keys = List.copyOf(keys);
        for (int i = 1; i < keys.size(); i++) {
            if (keys.get(i).t() < keys.get(i - 1).t()) {
                throw new IllegalArgumentException("keyframes run backward: " + keys);
            }
        }
    }

    public double valueAt(double t) {
        int i = segment(t);
        Keyframe a = keys.get(i);
        if (i + 1 == keys.size() || t <= a.t()) {
            return a.value();
        }
        Keyframe b = keys.get(i + 1);
        return a.value() + (b.value() - a.value()) * a.easing().at((t - a.t()) / (b.t() - a.t()));
    }

    public String colourAt(double t) {
        int i = segment(t);
        Keyframe a = keys.get(i);
        if (i + 1 == keys.size() || t <= a.t()) {
            return a.colour();
        }
        Keyframe b = keys.get(i + 1);
        return Colours.mix(a.colour(), b.colour(), a.easing().at((t - a.t()) / (b.t() - a.t())));
    }

    private int segment(double t) {
        int i = 0;
        while (i + 1 < keys.size() && keys.get(i + 1).t() <= t) {
            i++;
        }
        return i;
    }

    /** Least and greatest value at any time; a Bezier stays inside the hull of its control points. */
    public double[] range() {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (int i = 0; i < keys.size(); i++) {
            double a = keys.get(i).value();
            least = Math.min(least, a);
            most = Math.max(most, a);
            if (i + 1 < keys.size() && keys.get(i).easing() instanceof Easing.Bezier curve) {
                double b = keys.get(i + 1).value();
                for (double y : new double[] {curve.y1(), curve.y2()}) {
                    least = Math.min(least, a + (b - a) * y);
                    most = Math.max(most, a + (b - a) * y);
                }
            }
        }
        return new double[] {least, most};
    }
}
