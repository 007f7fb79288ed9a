package saltdrum.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.BadInputException;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;

/**
 * The easing with which something moves to its position. Written as in CSS Easing Functions Level 1 ({@code linear},
 * {@code ease}, {@code ease-in}, {@code ease-out}, {@code ease-in-out}, {@code cubic-bezier(x1, y1, x2, y2)}), or
 * {@code spring(b)}, a damped oscillation that overshoots the more the nearer b is to 1.
 */
public final class Curve {
    private static final Pattern BEZIER = Pattern.compile("cubic-bezier\\(([^,]+),([^,]+),([^,]+),([^,]+)\\)");
    private static final Pattern SPRING = Pattern.compile("spring\\(([^,]+)\\)");
    private static final Map<String, Easing> NAMED = Map.of(
            "linear", Easing.LINEAR,
            "ease", new Easing.Bezier(0.25, 0.1, 0.25, 1),
            "ease-in", Easing.IN,
            "ease-out", Easing.OUT,
            "ease-in-out", Easing.IN_OUT);

    /** @param label for a person */
    public record Preset(String label, String curve) {}

    /** Curves to begin with. */
    public static final List<Preset> PRESETS = List.of(
            new Preset("Even", "linear"),
            new Preset("Soft landing", "ease-out"),
            new Preset("Soft start", "ease-in"),
            new Preset("Both soft", "ease-in-out"),
            new Preset("Sharp landing", "cubic-bezier(0.1, 0.9, 0.2, 1)"),
            new Preset("Over and back", "cubic-bezier(0.3, 1.6, 0.6, 1)"),
            new Preset("Spring", "spring(0.5)"),
            new Preset("Loose spring", "spring(0.8)"));

    /** Every letter of a cue asks for the same few. */
    private static final Map<String, Curve> PARSED = new ConcurrentHashMap<>();

    private static final int MOST_PARSED = 1000;
    private static final int MOST_LETTERS = 80;
    private static final int SAMPLES = 24;
    private static final double MOST_BOUNCE = 0.95;
    /** So many half swings of the spring are in its length. */
    private static final double SWINGS = 5;

    private final Easing easing;
    private final double bounce;

    private Curve(Easing easing, double bounce) {
        this.easing = easing;
        this.bounce = bounce;
    }

    /** @throws BadInputException when it is none */
    public static Curve parse(String written) {
        Curve known = written == null ? null : PARSED.get(written);
        if (known == null) {
            known = read(written);
            if (PARSED.size() < MOST_PARSED) {
                PARSED.put(written, known);
            }
        }
        return known;
    }

    private static Curve read(String written) {
        String text = written == null ? "" : written.strip().toLowerCase(Locale.ROOT);
        if (text.length() <= MOST_LETTERS) {
            if (NAMED.containsKey(text)) {
                return new Curve(NAMED.get(text), 0);
            }
            Matcher bezier = BEZIER.matcher(text);
            if (bezier.matches()) {
                return new Curve(
                        new Easing.Bezier(
                                number(bezier.group(1)),
                                number(bezier.group(2)),
                                number(bezier.group(3)),
                                number(bezier.group(4))),
                        0);
            }
            Matcher spring = SPRING.matcher(text);
            if (spring.matches()) {
                double bounce = number(spring.group(1));
                if (bounce >= 0 && bounce <= MOST_BOUNCE) {
                    return new Curve(null, bounce);
                }
            }
        }
        throw new BadInputException("A curve is “ease-out” or another name of CSS, “cubic-bezier(0.2, 0, 0, 1)”, or "
                + "“spring(0.5)” with 0 to " + MOST_BOUNCE + ", not “"
                + (text.length() > 40 ? text.substring(0, 40) + "…" : text) + "”.");
    }

    private static double number(String text) {
        try {
            return Double.parseDouble(text.strip());
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    /** x1, y1, x2, y2 of one that has handles; empty for a spring. */
    public List<Double> handles() {
        if (easing instanceof Easing.Bezier curve) {
            return List.of(curve.x1(), curve.y1(), curve.x2(), curve.y2());
        }
        // The handles of a straight line are on it, at any position.
        return easing == null ? List.of() : List.of(0.33, 0.33, 0.67, 0.67);
    }

    /** How far it has come, 0 at the beginning and 1 at the end. @param x of the time, 0 to 1 */
    public double at(double x) {
        if (easing != null) {
            return easing.at(x);
        }
        if (x <= 0 || x >= 1) {
            return x <= 0 ? 0 : 1;
        }
        // A damped oscillator that has settled at 1, to a thousandth, at the end.
        double damping = 7 * (1 - 0.55 * bounce);
        double swing = Math.PI * SWINGS * bounce;
        return 1 - Math.exp(-damping * x) * Math.cos(swing * x) * (1 - x);
    }

    /** From one value to another between two times; a spring is sampled. */
    NumberTrack track(Property property, double fromMs, double toMs, double from, double to) {
        List<Keyframe> keys = new ArrayList<>();
        if (easing != null) {
            keys.add(Motion.key(fromMs, from, easing));
        } else {
            for (int i = 0; i < SAMPLES; i++) {
                double x = (double) i / SAMPLES;
                double t = fromMs + x * (toMs - fromMs);
                if (keys.isEmpty() || Math.round(t) > keys.get(keys.size() - 1).t()) {
                    keys.add(Motion.key(t, from + (to - from) * at(x), Easing.LINEAR));
                }
            }
        }
        if (Math.round(toMs) > keys.get(keys.size() - 1).t()) {
            keys.add(Motion.key(toMs, to, Easing.HOLD));
        }
        return new NumberTrack(property, keys);
    }
}
