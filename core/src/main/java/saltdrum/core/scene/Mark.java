package saltdrum.core.scene;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.track.Tracks;

/** One thing to draw. Its position is the one at rest; its tracks move it. Lengths in design pixels. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Mark.Group.class, name = "group"),
    @JsonSubTypes.Type(value = Mark.Glyphs.class, name = "glyphs"),
    @JsonSubTypes.Type(value = Mark.Plate.class, name = "plate"),
    @JsonSubTypes.Type(value = Mark.Picture.class, name = "picture"),
})
public sealed interface Mark {
    Pose pose();

    Tracks tracks();

    /**
     * Marks that are moved, faded, blurred and clipped as one.
     *
     * @param clip what its insets are parts of; null for a group that is never clipped
     * @param each what moves every child, beside its own tracks; null for nothing
     * @param delays by how many ms that comes later to each child; empty for all at once
     */
    record Group(Pose pose, Box clip, List<Mark> marks, Tracks tracks, Tracks each, List<Double> delays)
            implements Mark {
        public Group {
            marks = List.copyOf(marks);
            delays = List.copyOf(delays);
            if (!delays.isEmpty() && delays.size() != marks.size()) {
                throw new IllegalArgumentException(delays.size() + " delays for " + marks.size() + " marks");
            }
        }

        public static Group of(Pose pose, List<Mark> marks, Tracks tracks) {
            return new Group(pose, null, marks, tracks, null, List.of());
        }

        double delay(int child) {
            return delays.isEmpty() ? 0 : delays.get(child);
        }
    }

    /**
     * Letters of one word in one voice.
     *
     * @param wordId the word it shows
     * @param x start of the baseline
     * @param size letter size: glyph outlines are scaled by {@code size / 1000}
     * @param ink at rest and before it is tilted, with all coats
     */
    record Glyphs(
            long wordId,
            double x,
            double y,
            double size,
            Pose pose,
            List<PlacedGlyph> glyphs,
            List<PaintLayer> coats,
            Box ink,
            Tracks tracks)
            implements Mark {
        private static final int MANY_COATS = 4;

        /** Whether painting it costs more than turning a picture of it. */
        public boolean costly() {
            return coats.size() >= MANY_COATS
                    || coats.size() > 1 && glyphs.stream().anyMatch(PlacedGlyph::swept);
        }
    }

    /** A rounded box. {@code extent} tracks draw only that part of its width, from the left, corners kept. */
    record Plate(
            double x,
            double y,
            double width,
            double height,
            double radius,
            Pose pose,
            List<PaintLayer> coats,
            Tracks tracks)
            implements Mark {
        public Box box() {
            return new Box(x, y, width, height);
        }
    }

    /**
     * Layers of flat colour, {@code x, y} its top left.
     *
     * @param wordId the word it belongs to; 0 for one in the text itself
     */
    record Picture(long wordId, String picture, double x, double y, double size, Pose pose, Box ink, Tracks tracks)
            implements Mark {}

    /** {@code x, y} in 1/1000 em from the start of the baseline. */
    record PlacedGlyph(String glyph, double x, double y) {
        /** How the name of an outline begins that is a glyph drawn out in one direction. */
        public static final String SWEPT = "~";

        public boolean swept() {
            return glyph.startsWith(SWEPT);
        }
    }
}
