package saltdrum.core.track;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import saltdrum.core.BadInputException;

/**
 * How a value goes from one keyframe to the next. A cubic Bezier as in CSS Easing Functions Level 1, §2.2
 * ({@code cubic-bezier(x1, y1, x2, y2)}); {@code hold} jumps at the next keyframe.
 */
public sealed interface Easing {
    Easing HOLD = new Hold();
    Easing LINEAR = new Linear();
    /** CSS {@code ease-out}. */
    Easing OUT = new Bezier(0, 0, 0.58, 1);
    /** CSS {@code ease-in}. */
    Easing IN = new Bezier(0.42, 0, 1, 1);
    /** CSS {@code ease-in-out}. */
    Easing IN_OUT = new Bezier(0.42, 0, 0.58, 1);

    /** Progress of the value, 0 at {@code x <= 0} and 1 at {@code x >= 1}. */
    double at(double x);

    /** The same way back: a curve turned by half a turn. */
    default Easing mirrored() {
        return this;
    }

    @JsonValue
    Object written();

    @JsonCreator
    static Easing read(Object written) {
        if ("hold".equals(written)) {
            return HOLD;
        } else if ("linear".equals(written)) {
            return LINEAR;
        } else if (written instanceof List<?> four
                && four.size() == 4
                && four.stream().allMatch(v -> v instanceof Number)) {
            double[] v =
                    four.stream().mapToDouble(n -> ((Number) n).doubleValue()).toArray();
            return new Bezier(v[0], v[1], v[2], v[3]);
        }
        throw new BadInputException("An easing is “hold”, “linear” or four numbers, not " + written + ".");
    }

    record Hold() implements Easing {
        @Override
        public double at(double x) {
            return x >= 1 ? 1 : 0;
        }

        @Override
        public Object written() {
            return "hold";
        }
    }

    record Linear() implements Easing {
        @Override
        public double at(double x) {
            return Math.min(1, Math.max(0, x));
        }

        @Override
        public Object written() {
            return "linear";
        }
    }

    record Bezier(double x1, double y1, double x2, double y2) implements Easing {
        public Bezier {
            if (!(x1 >= 0 && x1 <= 1 && x2 >= 0 && x2 <= 1) || !(Math.abs(y1) <= 10 && Math.abs(y2) <= 10)) {
                throw new BadInputException("A cubic-bezier needs x1 and x2 between 0 and 1, and y1 and y2 within 10.");
            }
        }

        @Override
        public double at(double x) {
            if (x <= 0 || x >= 1) {
                return x <= 0 ? 0 : 1;
            }
            double low = 0;
            double high = 1;
            // Bisection, 40 halvings: the same steps in both painters, so the same double.
            for (int i = 0; i < 40; i++) {
                double mid = (low + high) / 2;
                if (curve(x1, x2, mid) < x) {
                    low = mid;
                } else {
                    high = mid;
                }
            }
            return curve(y1, y2, (low + high) / 2);
        }

        @Override
        public Easing mirrored() {
            return new Bezier(1 - x2, 1 - y2, 1 - x1, 1 - y1);
        }

        private static double curve(double a, double b, double t) {
            double u = 1 - t;
            return 3 * u * u * t * a + 3 * u * t * t * b + t * t * t;
        }

        @Override
        public Object written() {
            return List.of(x1, y1, x2, y2);
        }
    }
}
