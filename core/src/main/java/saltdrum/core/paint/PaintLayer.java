package saltdrum.core.paint;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.stream.Stream;
import saltdrum.core.colour.Colours;
import saltdrum.core.parts.Label;
import saltdrum.core.plane.Box;

/** One layer of paint on a shape. Layers are painted in their order, the first at the bottom. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = PaintLayer.Shadow.class, name = "cast"),
    @JsonSubTypes.Type(value = PaintLayer.Outline.class, name = "outline"),
    @JsonSubTypes.Type(value = PaintLayer.Fill.class, name = "fill"),
})
public sealed interface PaintLayer {
    /** The layers of one kind, in their order. */
    static <L extends PaintLayer> Stream<L> only(Class<L> kind, List<PaintLayer> layers) {
        return layers.stream().filter(kind::isInstance).map(kind::cast);
    }

    /** Where its ink can be when the bare shape's is in a box. */
    Box around(Box bare);

    record Fill(Paint paint) implements PaintLayer {
        @Override
        public Box around(Box bare) {
            return bare;
        }
    }

    /** A stroke along the shape's edge, of which {@code width} is outside. */
    record Outline(Paint paint, double width, Join join) implements PaintLayer {
        @Override
        public Box around(Box bare) {
            return bare.grown(join == Join.MITER ? MITER_LIMIT * width : width);
        }
    }

    /**
     * Shadow or glow of the shape grown by {@code grow} all around.
     *
     * @param sigma of the Gaussian that blurs it, 0 for a hard edge
     */
    record Shadow(String colour, double dx, double dy, double sigma, double grow) implements PaintLayer {
        public Shadow {
            Colours.check(colour);
        }

        @Override
        public Box around(Box bare) {
            return bare.moved(dx, dy).grown(grow + 3 * sigma);
        }
    }

    /** A corner that would reach farther than this many widths is cut (SVG 2, §13.5.5: stroke-miterlimit). */
    double MITER_LIMIT = 4;

    enum Join {
        @Label("Round")
        @JsonProperty("round")
        ROUND,
        @Label("Pointed")
        @JsonProperty("miter")
        MITER,
        @Label("Cut")
        @JsonProperty("bevel")
        BEVEL
    }
}
