package saltdrum.core.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import saltdrum.core.track.ColourTrack;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** A mark's animated values at one time, and those of its children; equal states paint equal pixels. */
public final class MarkState {
    private static final Property[] PROPERTIES = Property.values();

    /** Of a mark that nothing moves. */
    public static final MarkState REST =
            new MarkState(Arrays.stream(PROPERTIES).mapToDouble(Property::rest).toArray(), null, List.of());

    private final double[] numbers;
    private final String fill;
    private final List<MarkState> children;

    private MarkState(double[] numbers, String fill, List<MarkState> children) {
        this.numbers = numbers;
        this.fill = fill;
        this.children = children;
    }

    public static MarkState of(Mark mark, double t) {
        return of(mark, t, null, 0);
    }

    /** @param each what the group around it does to all its children, at {@code eachT}; null for nothing */
    private static MarkState of(Mark mark, double t, Tracks each, double eachT) {
        double[] numbers = new double[PROPERTIES.length];
        for (Property property : PROPERTIES) {
            numbers[property.ordinal()] = property.rest();
        }
        String fill = speak(mark.tracks(), t, numbers, null);
        if (each != null) {
            fill = speak(each, eachT, numbers, fill);
        }
        int opacity = Property.OPACITY.ordinal();
        numbers[opacity] = Math.min(1, Math.max(0, numbers[opacity]));
        List<MarkState> children = List.of();
        if (mark instanceof Mark.Group group) {
            children = new ArrayList<>(group.marks().size());
            for (int i = 0; i < group.marks().size(); i++) {
                children.add(of(group.marks().get(i), t, group.each(), t - group.delay(i)));
            }
        }
        return new MarkState(numbers, fill, children);
    }

    private static String speak(Tracks tracks, double t, double[] numbers, String fill) {
        for (NumberTrack track : tracks.numbers()) {
            int i = track.property().ordinal();
            numbers[i] = track.property().join(numbers[i], track.valueAt(t));
        }
        String last = fill;
        for (ColourTrack track : tracks.colours()) {
            last = switch (track.property()) {
                case FILL -> track.colourAt(t);
            };
        }
        return last;
    }

    public double get(Property property) {
        return numbers[property.ordinal()];
    }

    /** 0 to 1. */
    public double opacity() {
        return get(Property.OPACITY);
    }

    public double x() {
        return get(Property.X);
    }

    public double y() {
        return get(Property.Y);
    }

    public double scale() {
        return get(Property.SCALE);
    }

    public double rotation() {
        return get(Property.ROTATION);
    }

    /** Never below 0. */
    public double extent() {
        return Math.max(0, get(Property.EXTENT));
    }

    /** Never below 0. */
    public double blur() {
        return Math.max(0, get(Property.BLUR));
    }

    /** The colour that replaces the mark's own fill; null for its own. */
    public String fill() {
        return fill;
    }

    /** Of a group's marks, in their order; empty for other marks. */
    public List<MarkState> children() {
        return children;
    }

    /** Nothing of it can be seen. */
    public boolean hidden() {
        return opacity() <= 0 || scale() == 0 || extent() <= 0;
    }

    /** Whether the mark is painted as at rest except for opacity and position. */
    public boolean keepsShape() {
        return scale() == 1 && rotation() == 0 && extent() == 1 && fill == null;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof MarkState that && ownEquals(that) && children.equals(that.children);
    }

    /** Whether it is equal but for its children. */
    boolean ownEquals(MarkState that) {
        return Arrays.equals(numbers, that.numbers) && Objects.equals(fill, that.fill);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(numbers);
    }

    @Override
    public String toString() {
        return Arrays.toString(numbers) + " " + fill + " " + children;
    }
}
