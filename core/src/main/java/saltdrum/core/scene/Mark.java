package saltdrum.core.scene;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/**
 * One thing to draw. At rest it stands where it says; its tracks move it about its pivot: first scaled, then rotated,
 * then shifted. Lengths in design pixels.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Mark.GlyphRun.class, name = "run"),
    @JsonSubTypes.Type(value = Mark.Plate.class, name = "plate"),
})
public sealed interface Mark {
    double pivotX();

    double pivotY();

    List<PropertyTrack> tracks();

    /** The ink at rest, with outline and shadow. */
    Box ink();

    /**
     * A word in one voice.
     *
     * @param wordId the word it shows
     * @param x start of the baseline
     * @param size letter size: glyph outlines are scaled by {@code size / 1000}
     * @param tilt degrees clockwise, at rest, about the pivot
     */
    record GlyphRun(
            long wordId,
            double x,
            double y,
            double size,
            double pivotX,
            double pivotY,
            double tilt,
            List<PlacedGlyph> glyphs,
            Paint paint,
            Box ink,
            List<PropertyTrack> tracks)
            implements Mark {}

    /** A rounded box. {@code extent} tracks draw only that part of its width, from the left, corners kept. */
    record Plate(
            double x,
            double y,
            double width,
            double height,
            double radius,
            String fill,
            double pivotX,
            double pivotY,
            List<PropertyTrack> tracks)
            implements Mark {
        @Override
        public Box ink() {
            return new Box(x, y, width, height);
        }
    }

    /** {@code x, y} in 1/1000 em from the run's baseline start. */
    record PlacedGlyph(String glyph, double x, double y) {}

    /**
     * Painted in this order: shadow of letter and outline together, outline outside the letter, fill.
     *
     * @param shadow null for none
     * @param outline width outside the letter, 0 for none
     */
    record Paint(Cast shadow, String outlineColour, double outline, String fill) {}

    /** A shadow: {@code sigma} of its Gaussian blur, 0 for a hard edge. */
    record Cast(String colour, double dx, double dy, double sigma) {}
}
