package saltdrum.core.scene;

/** A mark's animated values at one time; equal states paint equal pixels. */
public record MarkState(double opacity, double x, double y, double scale, double rotation, double extent, String fill) {

    public static MarkState of(Mark mark, double t) {
        double opacity = 1;
        double x = 0;
        double y = 0;
        double scale = 1;
        double rotation = mark instanceof Mark.GlyphRun run ? run.tilt() : 0;
        double extent = 1;
        String fill = mark instanceof Mark.GlyphRun run ? run.paint().fill() : ((Mark.Plate) mark).fill();
        for (PropertyTrack track : mark.tracks()) {
            switch (track.property()) {
                case OPACITY -> opacity *= track.valueAt(t);
                case X -> x += track.valueAt(t);
                case Y -> y += track.valueAt(t);
                case SCALE -> scale *= track.valueAt(t);
                case ROTATION -> rotation += track.valueAt(t);
                case EXTENT -> extent *= track.valueAt(t);
                case FILL -> fill = track.colourAt(t);
            }
        }
        return new MarkState(Math.min(1, Math.max(0, opacity)), x, y, scale, rotation, extent, fill);
    }
}
