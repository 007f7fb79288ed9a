package saltdrum.core.motion;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import saltdrum.core.parts.Label;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/**
 * The effects with which things appear; disappearing is the same in reverse. An effect defines the state while a
 * thing is away, at the usual strength 1. A new effect is one constant here; its page in the book of test looks is
 * derived.
 */
public enum TransitionEffect {
    @Label("At once")
    NONE(false) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of();
        }
    },
    @Label("Fade")
    FADE(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of();
        }
    },
    /** From 0.97 of its size past it to 1.07 and back: common practice, no source. */
    @Label("Pop")
    POP(false) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of();
        }

        @Override
        List<NumberTrack> own(double strength, TransitionWindow stay) {
            return List.of(NumberTrack.of(
                    Property.SCALE,
                    Motion.key(stay.fromMs(), Math.max(0, 1 - 0.03 * strength), Easing.OUT),
                    Motion.key(
                            stay.fromMs() + Math.max(1, Math.round(0.45 * stay.ms())),
                            1 + 0.07 * strength,
                            Easing.IN_OUT),
                    Motion.key(stay.fromMs() + Math.max(2, stay.ms()), 1, Easing.HOLD)));
        }
    },
    @Label("Rise")
    RISE(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(Property.Y, 0.3 * strength * stay.em());
        }
    },
    @Label("Drop")
    DROP(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(Property.Y, -0.5 * strength * stay.em());
        }
    },
    @Label("Slide from the left")
    FROM_LEFT(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(Property.X, -1.5 * strength * stay.em());
        }
    },
    @Label("Slide from the right")
    FROM_RIGHT(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(Property.X, 1.5 * strength * stay.em());
        }
    },
    @Label("Grow")
    GROW(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(Property.SCALE, Math.max(0.02, 1 - 0.6 * strength));
        }
    },
    @Label("Shrink from large")
    SHRINK(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(Property.SCALE, 1 + 0.8 * strength);
        }
    },
    @Label("From a blur")
    BLUR(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(Property.BLUR, Math.min(60, 0.16 * strength * stay.em()));
        }
    },
    @Label("Wipe")
    WIPE(false) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(stay.leftwards() ? Property.INSET_LEFT : Property.INSET_RIGHT, 1.0);
        }
    },
    @Label("Unfold")
    UNFOLD(false) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(Property.INSET_TOP, 0.5, Property.INSET_BOTTOM, 0.5);
        }
    },
    @Label("Gather")
    SCATTER(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            Random random = stay.random();
            double far = 1.6 * strength * stay.em();
            return Map.of(
                    Property.X, far * (2 * random.nextDouble() - 1),
                    Property.Y, far * (2 * random.nextDouble() - 1),
                    Property.ROTATION, 70 * strength * (2 * random.nextDouble() - 1));
        }
    },
    @Label("Swing")
    SWING(true) {
        @Override
        Map<Property, Double> away(double strength, TransitionWindow stay) {
            return Map.of(Property.ROTATION, -14 * strength, Property.Y, -0.12 * strength * stay.em());
        }
    };

    /** In this order, so that the same way gives the same tracks. */
    private static final List<Property> ORDERED = List.of(Property.values());

    private final boolean fades;

    TransitionEffect(boolean fades) {
        this.fades = fades;
    }

    /** What differs while it is away, beside its opacity. */
    abstract Map<Property, Double> away(double strength, TransitionWindow stay);

    /** Tracks that do not simply lead from away to rest. */
    List<NumberTrack> own(double strength, TransitionWindow stay) {
        return List.of();
    }

    /** Whether it needs a layer of its own: to be blurred or clipped. */
    public boolean layered() {
        return Layered.WAYS.contains(this);
    }

    /** Those that touch what only a group can do, worked out from what they do. */
    private static final class Layered {
        private static final Set<Property> OF_GROUPS = EnumSet.of(
                Property.BLUR, Property.INSET_LEFT, Property.INSET_TOP, Property.INSET_RIGHT, Property.INSET_BOTTOM);
        static final Set<TransitionEffect> WAYS = Stream.of(values())
                .filter(way -> way.away(1, new TransitionWindow(0, 1, true, 100, 0, false)).keySet().stream()
                        .anyMatch(OF_GROUPS::contains))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(TransitionEffect.class)));
    }

    Tracks in(double strength, TransitionWindow stay, Curve curve) {
        List<NumberTrack> tracks = new ArrayList<>();
        if (fades) {
            tracks.add(Motion.fadeIn(stay.fromMs(), stay.ms()));
        } else if (stay.late()) {
            tracks.add(Motion.appear(stay.fromMs()));
        }
        Map<Property, Double> away = away(strength, stay);
        for (Property property : ORDERED) {
            if (away.containsKey(property)) {
                tracks.add(curve.track(property, stay.fromMs(), stay.untilMs(), away.get(property), property.rest()));
            }
        }
        tracks.addAll(own(strength, stay));
        return new Tracks(tracks, List.of());
    }
}
