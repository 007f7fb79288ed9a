package saltdrum.core.motion;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.plane.Box;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Moves one plate from word to word with the voice; it takes the width of each word. */
@Label("A plate that travels")
public record TravellingPlate(
        @Label("Plate colour") String fill,
        @Label("Room beside") @NumberRange(least = -0.5, most = 2, step = 0.02, unit = "em") double padX,
        @Label("Reaches up") @NumberRange(least = -1, most = 2, step = 0.02, unit = "em") double top,
        @Label("Begins at") @NumberRange(least = -1, most = 2, step = 0.02, unit = "em") double bottom,
        @Label("Round corners") @NumberRange(least = 0, most = 3, step = 0.02, unit = "em") double radius,
        @Label("On its way") @NumberRange(least = 0, most = 1000, step = 10, unit = "ms") int ms)
        implements Spoken.Plated {
    public static final TravellingPlate BLANK = new TravellingPlate("#ff6b4a", 0.16, 0.92, -0.22, 0.14, 140);

    public TravellingPlate {
        Colours.check(fill);
        ValueParts.check(TravellingPlate.class, padX, top, bottom, radius, ms);
    }

    /** Where it is while a word is said. */
    public record Stop(Box box, int fromMs) {}

    @Override
    public Moved moves() {
        return Moved.ONE_PLATE;
    }

    /** It is there from the first word on. */
    @Override
    public Tracks tracks(Beat beat) {
        return Tracks.of(NumberTrack.of(
                Property.OPACITY,
                Motion.key(beat.fromMs(), 0, Easing.OUT),
                Motion.key(beat.fromMs() + Math.max(1, ms / 2), 1, Easing.HOLD)));
    }

    /**
     * @param stops in the order of the voice, one or more
     * @param widest of their boxes: the plate at full extent, at the first stop's place
     */
    public Tracks along(List<Stop> stops, double widest) {
        return Tracks.of(
                track(
                        Property.X,
                        stops,
                        stop -> stop.box().x() - stops.get(0).box().x()),
                track(
                        Property.Y,
                        stops,
                        stop -> stop.box().y() - stops.get(0).box().y()),
                track(Property.EXTENT, stops, stop -> stop.box().width() / widest));
    }

    private interface Measure {
        double of(Stop stop);
    }

    /** It is on its way before the word begins, so that it is there when it does. */
    private NumberTrack track(Property property, List<Stop> stops, Measure measure) {
        List<Keyframe> keys = new ArrayList<>();
        keys.add(Motion.key(stops.get(0).fromMs(), measure.of(stops.get(0)), Easing.HOLD));
        for (int i = 1; i < stops.size(); i++) {
            double leaves = Math.max(
                    stops.get(i).fromMs() - ms / 2.0, keys.get(keys.size() - 1).t() + 1);
            double arrives = Math.max(stops.get(i).fromMs() + ms / 2.0, leaves + 1);
            keys.add(Motion.key(leaves, measure.of(stops.get(i - 1)), Easing.IN_OUT));
            keys.add(Motion.key(Math.max(arrives, Math.round(leaves) + 1), measure.of(stops.get(i)), Easing.HOLD));
        }
        return new NumberTrack(property, keys);
    }
}
