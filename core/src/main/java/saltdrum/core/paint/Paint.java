package saltdrum.core.paint;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import saltdrum.core.colour.Colours;

/**
 * A solid colour or a gradient for a fill or an outline. Points in design pixels where the shape rests; colours between
 * two stops are mixed without premultiplied alpha, and outside the first and last stop theirs goes on.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Paint.Solid.class, name = "solid"),
    @JsonSubTypes.Type(value = Paint.Linear.class, name = "linear"),
    @JsonSubTypes.Type(value = Paint.Radial.class, name = "radial"),
})
public sealed interface Paint {
    /** One colour for all of it, halfway between the first and the last. */
    String middle();

    record Solid(String colour) implements Paint {
        public Solid {
            Colours.check(colour);
        }

        @Override
        public String middle() {
            return colour;
        }
    }

    /** From one point to another. */
    record Linear(double fromX, double fromY, double toX, double toY, List<GradientStop> stops) implements Paint {
        public Linear {
            stops = GradientStop.checked(stops);
        }

        @Override
        public String middle() {
            return GradientStop.middle(stops);
        }
    }

    /** From a centre to a circle about it. */
    record Radial(double x, double y, double radius, List<GradientStop> stops) implements Paint {
        public Radial {
            stops = GradientStop.checked(stops);
        }

        @Override
        public String middle() {
            return GradientStop.middle(stops);
        }
    }
}
