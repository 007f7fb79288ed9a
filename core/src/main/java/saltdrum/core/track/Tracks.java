package saltdrum.core.track;

import java.util.List;
import java.util.stream.Stream;

/** All that moves one thing. */
public record Tracks(List<NumberTrack> numbers, List<ColourTrack> colours) {
    public static final Tracks NONE = new Tracks(List.of(), List.of());

    public Tracks {
        numbers = List.copyOf(numbers);
        colours = List.copyOf(colours);
    }

    public static Tracks of(NumberTrack... numbers) {
        return new Tracks(List.of(numbers), List.of());
    }

    public static Tracks of(ColourTrack... colours) {
        return new Tracks(List.of(), List.of(colours));
    }

    public boolean nothing() {
        return numbers.isEmpty() && colours.isEmpty();
    }

    public Tracks and(Tracks more) {
        return new Tracks(
                Stream.concat(numbers.stream(), more.numbers.stream()).toList(),
                Stream.concat(colours.stream(), more.colours.stream()).toList());
    }
}
