package saltdrum.core.motion;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** The motion of an emphasised word when it is spoken. Each begins with the word and ends at rest. */
@Label("Accent")
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Accent.Punch.class, name = "punch"),
    @JsonSubTypes.Type(value = Accent.Shake.class, name = "shake"),
    @JsonSubTypes.Type(value = Accent.Wave.class, name = "wave"),
    @JsonSubTypes.Type(value = Accent.Glow.class, name = "glow"),
    @JsonSubTypes.Type(value = Accent.Settle.class, name = "settle"),
    @JsonSubTypes.Type(value = Accent.Strike.class, name = "strike"),
})
public sealed interface Accent extends Motion {
    /** What of a word it moves. */
    enum Moved {
        WORD,
        /** Each letter separately; a word of one letter as a word. */
        LETTERS,
        /** A separate drawing next to the letters. */
        BESIDE
    }

    default Moved moves() {
        return Moved.WORD;
    }

    /** Swells at once and comes back. */
    @Label("Punch")
    record Punch(
            @Label("Swells by") @NumberRange(least = 0, most = 2, step = 0.01, unit = "×") double by,
            @Label("Takes") @NumberRange(least = 20, most = 2000, step = 10, unit = "ms") int ms)
            implements Accent {
        public static final Punch BLANK = new Punch(0.22, 260);

        public Punch {
            ValueParts.check(Punch.class, by, ms);
        }

        @Override
        public double swells() {
            return 1 + by;
        }

        @Override
        public Tracks tracks(Beat beat) {
            return Tracks.of(NumberTrack.of(
                    Property.SCALE,
                    Motion.key(beat.fromMs(), 1, Easing.OUT),
                    Motion.key(beat.fromMs() + 0.3 * ms, 1 + by, Easing.IN_OUT),
                    Motion.key(beat.fromMs() + ms, 1, Easing.HOLD)));
        }
    }

    /** Shakes from side to side, less and less. */
    @Label("Shake")
    record Shake(
            @Label("How far") @NumberRange(least = 0, most = 0.5, step = 0.005, unit = "em") double far,
            @Label("Takes") @NumberRange(least = 80, most = 2000, step = 10, unit = "ms") int ms)
            implements Accent {
        public static final Shake BLANK = new Shake(0.06, 420);

        /** Half swings. */
        private static final int SWINGS = 8;

        public Shake {
            ValueParts.check(Shake.class, far, ms);
        }

        @Override
        public Tracks tracks(Beat beat) {
            return Tracks.of(new NumberTrack(Property.X, Motion.dying(beat.fromMs(), ms, far * beat.em(), SWINGS)));
        }
    }

    /** A wave runs through the letters; of a joined script the word hops. */
    @Label("Wave through the letters")
    record Wave(
            @Label("How high") @NumberRange(least = 0, most = 1, step = 0.01, unit = "em") double height,
            @Label("Takes") @NumberRange(least = 100, most = 2000, step = 10, unit = "ms") int ms)
            implements Accent {
        public static final Wave BLANK = new Wave(0.16, 520);

        @Override
        public Moved moves() {
            return Moved.LETTERS;
        }

        public Wave {
            ValueParts.check(Wave.class, height, ms);
        }

        @Override
        public Tracks tracks(Beat beat) {
            return tracks(beat, 0, 1);
        }

        /** Of one letter of several. */
        public Tracks tracks(Beat beat, int letter, int letters) {
            double each = ms / 2.0;
            double from = beat.fromMs() + (letters < 2 ? 0 : each * letter / (letters - 1));
            return Tracks.of(NumberTrack.of(
                    Property.Y,
                    Motion.key(from, 0, Easing.IN_OUT),
                    Motion.key(from + each / 2, -height * beat.em(), Easing.IN_OUT),
                    Motion.key(from + each, 0, Easing.HOLD)));
        }
    }

    /** A glow swells behind the letters and fades. */
    @Label("Glow")
    record Glow(
            @Label("Its colour") String colour,
            @Label("Reaches") @NumberRange(least = 0.01, most = 1, step = 0.01, unit = "em") double reach,
            @Label("Pulses") @NumberRange(least = 1, most = 8, step = 1) int pulses,
            @Label("Takes") @NumberRange(least = 100, most = 6000, step = 10, unit = "ms") int ms)
            implements Accent {
        public static final Glow BLANK = new Glow("#ffc24b", 0.16, 1, 600);

        @Override
        public Moved moves() {
            return Moved.BESIDE;
        }

        public Glow {
            Colours.check(colour);
            ValueParts.check(Glow.class, reach, pulses, ms);
            Flashes.check(light(0, pulses, ms));
        }

        @Override
        public Tracks tracks(Beat beat) {
            return Tracks.of(light(beat.fromMs(), pulses, ms));
        }

        private static NumberTrack light(int fromMs, int pulses, int ms) {
            Keyframe[] keys = new Keyframe[2 * pulses + 1];
            for (int i = 0; i < keys.length; i++) {
                keys[i] = Motion.key(fromMs + (double) ms * i / (2 * pulses), i % 2, Easing.IN_OUT);
            }
            return NumberTrack.of(Property.OPACITY, keys);
        }
    }

    /** Is tilted when it comes and settles. */
    @Label("Tilt and settle")
    record Settle(
            @Label("Tilted by") @NumberRange(least = -45, most = 45, step = 0.5, unit = "°") double angle,
            @Label("Takes") @NumberRange(least = 80, most = 2000, step = 10, unit = "ms") int ms)
            implements Accent {
        public static final Settle BLANK = new Settle(-7, 480);

        private static final int SWINGS = 4;

        public Settle {
            ValueParts.check(Settle.class, angle, ms);
        }

        @Override
        public Tracks tracks(Beat beat) {
            return Tracks.of(new NumberTrack(Property.ROTATION, Motion.dying(beat.fromMs(), ms, angle, SWINGS)));
        }
    }

    /** A line is drawn through the word. */
    @Label("Struck through")
    record Strike(
            @Label("Line colour") String fill,
            @Label("Thick") @NumberRange(least = 0.01, most = 0.5, step = 0.01, unit = "em") double thick,
            @Label("Takes") @NumberRange(least = 20, most = 2000, step = 10, unit = "ms") int ms)
            implements Accent {
        public static final Strike BLANK = new Strike("#ff6b4a", 0.09, 220);

        @Override
        public Moved moves() {
            return Moved.BESIDE;
        }

        public Strike {
            Colours.check(fill);
            ValueParts.check(Strike.class, thick, ms);
        }

        /** Of the line. */
        @Override
        public Tracks tracks(Beat beat) {
            return Tracks.of(NumberTrack.of(
                    Property.EXTENT,
                    Motion.key(beat.fromMs(), 0, Easing.OUT),
                    Motion.key(beat.fromMs() + ms, 1, Easing.HOLD)));
        }
    }
}
