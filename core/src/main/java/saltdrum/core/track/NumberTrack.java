package saltdrum.core.track;

import java.util.List;

/** A number over time. Before the first keyframe its value holds, after the last one too. */
public record NumberTrack(Property property, List<Keyframe> keys) {
    public NumberTrack {
        keys = List.copyOf(keys);
        Segments.check(keys, Keyframe::t);
    }

    public static NumberTrack of(Property property, Keyframe... keys) {
        return new NumberTrack(property, List.of(keys));
    }

    public double valueAt(double t) {
        int i = Segments.at(keys, Keyframe::t, t);
        Keyframe a = keys.get(i);
        if (i + 1 == keys.size() || t <= a.t()) {
            return a.value();
        }
        Keyframe b = keys.get(i + 1);
        return a.value() + (b.value() - a.value()) * a.easing().at((t - a.t()) / (b.t() - a.t()));
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
