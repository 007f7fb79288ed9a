package saltdrum.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import saltdrum.core.paint.GradientStop;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.track.ColourKey;
import saltdrum.core.track.ColourProperty;
import saltdrum.core.track.ColourTrack;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/**
 * One small scene a feature. Both painters paint every page and a test compares them; a feature without a page is
 * untested. Each page runs for a second.
 */
public final class SceneBook {
    private static final int WIDTH = 480;
    private static final int HEIGHT = 320;

    private static final Pose MIDDLE = Pose.about(240, 160);
    private static final PaintLayer FILL = fill("#fbf7ee");
    private static final PaintLayer OUTLINE =
            new PaintLayer.Outline(new Paint.Solid("#0d2b30"), 7, PaintLayer.Join.ROUND);

    /** @param times of the moments that are compared, ms */
    public record Page(String name, Scene scene, List<Double> times) {
        @Override
        public String toString() {
            return name;
        }
    }

    private final List<Page> pages = new ArrayList<>();

    private SceneBook() {}

    public static List<Page> pages() {
        SceneBook book = new SceneBook();
        book.coats();
        book.paints();
        book.shapes();
        book.motions();
        book.groups();
        book.parts();
        return book.pages;
    }

    private void coats() {
        page("fill", word(List.of(FILL)));
        page("fill, half clear", word(List.of(fill("#fbf7ee80"))));
        for (PaintLayer.Join join : PaintLayer.Join.values()) {
            page("outline, " + join, word(List.of(new PaintLayer.Outline(new Paint.Solid("#0d2b30"), 9, join), FILL)));
        }
        page(
                "three outlines",
                word(List.of(outline("#ff6b4a", 18), outline("#0d2b30", 12), outline("#f6f1e4", 6), FILL)));
        page("hard shadow", word(List.of(new PaintLayer.Shadow("#0d2b30", 9, 11, 0, 7), OUTLINE, FILL)));
        for (double sigma : new double[] {0.6, 1.5, 3, 9}) {
            page("soft shadow " + sigma, word(List.of(new PaintLayer.Shadow("#07151ccc", 3, 5, sigma, 0), FILL)));
        }
        page("glow", word(List.of(new PaintLayer.Shadow("#ff9a1fcc", 0, 0, 10, 7), OUTLINE, FILL)));
        page(
                "two shadows",
                word(List.of(
                        new PaintLayer.Shadow("#ff9a1f", 14, 10, 4, 0),
                        new PaintLayer.Shadow("#07151c", -6, 4, 2, 0),
                        OUTLINE,
                        FILL)));
        page(
                "plate with every coat",
                plate(
                        List.of(
                                new PaintLayer.Shadow("#07151caa", 6, 8, 5, 6),
                                outline("#0d2b30", 6),
                                new PaintLayer.Fill(new Paint.Solid("#f6f1e4"))),
                        Tracks.NONE));
        page(
                "plate with a hard shadow",
                plate(List.of(new PaintLayer.Shadow("#07151c", 8, 8, 0, 0), FILL), Tracks.NONE));
    }

    private void paints() {
        List<GradientStop> warm = List.of(
                new GradientStop(0, "#ffd166"), new GradientStop(0.5, "#ff6b4a"), new GradientStop(1, "#7a1f3d"));
        List<GradientStop> clear = List.of(new GradientStop(0.1, "#ffffffff"), new GradientStop(0.9, "#2f7c8620"));
        page("linear fill", word(List.of(new PaintLayer.Fill(new Paint.Linear(90, 80, 390, 240, warm)))));
        page("linear fill with alpha", word(List.of(new PaintLayer.Fill(new Paint.Linear(0, 90, 0, 230, clear)))));
        page("radial fill", word(List.of(new PaintLayer.Fill(new Paint.Radial(240, 160, 150, warm)))));
        page(
                "linear outline",
                word(List.of(
                        new PaintLayer.Outline(new Paint.Linear(90, 0, 390, 0, warm), 9, PaintLayer.Join.ROUND),
                        FILL)));
        page("linear plate", plate(List.of(new PaintLayer.Fill(new Paint.Linear(60, 0, 420, 0, warm))), Tracks.NONE));
        page(
                "linear fill that fades and turns",
                new Mark.Glyphs(
                        1,
                        85,
                        220,
                        230,
                        MIDDLE,
                        letters(),
                        List.of(new PaintLayer.Fill(new Paint.Linear(90, 80, 390, 240, warm))),
                        INK,
                        Tracks.of(run(Property.OPACITY, 0.2, 1), run(Property.ROTATION, -12, 9))));
    }

    private void shapes() {
        page("tilted", tilted(List.of(OUTLINE, FILL), -8, Tracks.NONE));
        page(
                "tilted soft shadow",
                tilted(List.of(new PaintLayer.Shadow("#07151ccc", 3, 5, 4, 7), OUTLINE, FILL), 6, Tracks.NONE));
        page("plate", plate(List.of(FILL), Tracks.NONE));
        BookShapes.PICTURES.keySet().stream().sorted().forEach(name -> {
            page(name, picture(name, Tracks.NONE));
            page(
                    name + " that turns, grows and fades",
                    picture(
                            name,
                            Tracks.of(
                                    run(Property.ROTATION, -25, 25),
                                    run(Property.SCALE, 0.6, 1.3),
                                    run(Property.OPACITY, 1, 0.3))));
        });
    }

    private void motions() {
        List<PaintLayer> coats = List.of(new PaintLayer.Shadow("#07151ccc", 2, 5, 4, 7), OUTLINE, FILL);
        page("opacity", tilted(coats, 0, Tracks.of(run(Property.OPACITY, 0, 1))));
        page("opacity of a fill alone", tilted(List.of(FILL), 0, Tracks.of(run(Property.OPACITY, 0, 1))));
        page("shift", tilted(coats, 0, Tracks.of(run(Property.X, -30, 21.4), run(Property.Y, 12, -17.3))));
        page("scale", tilted(coats, 0, Tracks.of(run(Property.SCALE, 0.5, 1.2))));
        page("rotation", tilted(coats, 0, Tracks.of(run(Property.ROTATION, -40, 30))));
        page(
                "scale, turn and fade",
                tilted(
                        coats,
                        3,
                        Tracks.of(
                                run(Property.SCALE, 0.7, 1.1),
                                run(Property.ROTATION, 20, -5),
                                run(Property.OPACITY, 0.1, 0.9))));
        page(
                "two tracks of one property",
                tilted(
                        coats,
                        0,
                        Tracks.of(
                                run(Property.SCALE, 0.5, 1.2),
                                run(Property.SCALE, 1.1, 0.9),
                                run(Property.Y, -9, 9),
                                run(Property.Y, 5, -20))));
        page("extent", plate(List.of(FILL), Tracks.of(run(Property.EXTENT, 0, 1))));
        page(
                "extent with a shadow",
                plate(
                        List.of(new PaintLayer.Shadow("#07151caa", 6, 8, 5, 0), FILL),
                        Tracks.of(run(Property.EXTENT, 0, 1))));
        page(
                "another fill",
                tilted(
                        coats,
                        0,
                        Tracks.of(ColourTrack.of(
                                ColourProperty.FILL,
                                new ColourKey(0, "#fbf7ee", Easing.OUT),
                                new ColourKey(500, "#ff6b4a", Easing.HOLD),
                                new ColourKey(900, "#ffc24b80", Easing.HOLD)))));
        page(
                "easings",
                tilted(
                        coats,
                        0,
                        Tracks.of(NumberTrack.of(
                                Property.Y,
                                new Keyframe(0, -30, new Easing.Bezier(0.3, -1.4, 0.4, 1.8)),
                                new Keyframe(400, 30, Easing.HOLD),
                                new Keyframe(500, 0, Easing.LINEAR),
                                new Keyframe(1000, 20, Easing.HOLD)))));
    }

    private void groups() {
        Mark sign = plate(List.of(fill("#ff6b4a")), Tracks.NONE);
        Mark word = word(List.of(new PaintLayer.Shadow("#07151ccc", 2, 5, 4, 7), OUTLINE, FILL));
        Mark moving = tilted(List.of(OUTLINE, FILL), 4, Tracks.of(run(Property.Y, -20, 20)));
        group("group that fades", Tracks.of(run(Property.OPACITY, 0, 1)), sign, word);
        group("group that moves", Tracks.of(run(Property.X, -20, 33.3), run(Property.Y, 9, -9)), sign, word);
        group(
                "group that turns and grows",
                Tracks.of(run(Property.ROTATION, -15, 20), run(Property.SCALE, 0.7, 1.15)),
                sign,
                word);
        group(
                "group in a group",
                Tracks.of(run(Property.OPACITY, 0.9, 0.3), run(Property.ROTATION, 0, 8)),
                sign,
                Mark.Group.of(
                        MIDDLE,
                        List.of(moving),
                        Tracks.of(run(Property.OPACITY, 0.2, 0.8), run(Property.SCALE, 1, 0.8))));
        group("blurred group", Tracks.of(run(Property.BLUR, 14, 0)), sign, word);
        group(
                "blurred group that fades and turns",
                Tracks.of(run(Property.BLUR, 0, 30), run(Property.OPACITY, 1, 0.2), run(Property.ROTATION, 0, 20)),
                word);
        page(
                "a tilted block of a blurred and a clipped group",
                Mark.Group.of(
                        new Pose(240, 160, -12),
                        List.of(
                                new Mark.Group(
                                        MIDDLE,
                                        new Box(40, 60, 400, 200),
                                        List.of(sign),
                                        Tracks.of(run(Property.INSET_RIGHT, 0.6, 0)),
                                        null,
                                        List.of()),
                                Mark.Group.of(MIDDLE, List.of(word), Tracks.of(run(Property.BLUR, 12, 0))),
                                moving),
                        Tracks.NONE));
        clipped("clipped from the left", Tracks.of(run(Property.INSET_LEFT, 0, 1)));
        clipped("clipped from the right", Tracks.of(run(Property.INSET_RIGHT, 1, 0)));
        clipped(
                "clipped from above and below",
                Tracks.of(run(Property.INSET_TOP, 0, 0.5), run(Property.INSET_BOTTOM, 0, 0.5)));
        clipped("clipped and turned", Tracks.of(run(Property.INSET_LEFT, 0.1, 0.6), run(Property.ROTATION, -10, 20)));
        page(
                "each child later",
                new Mark.Group(
                        MIDDLE,
                        null,
                        List.of(sign, word, picture("boat", Tracks.NONE)),
                        Tracks.NONE,
                        Tracks.of(run(Property.Y, 60, -20), run(Property.OPACITY, 0, 1)),
                        List.of(0.0, 150.0, 300.0)));
    }

    private void parts() {
        Mark sign = plate(List.of(FILL), Tracks.NONE);
        Mark word = word(List.of(OUTLINE, fill("#ff6b4a")));
        scene("parts over each other", List.of(part(0, 700, 1, word), part(300, 1000, 0, sign)));
    }

    /** Where the ink of a word is, with room for every coat of this book. */
    private static final Box INK = new Box(40, 20, 400, 290);

    private static Mark word(List<PaintLayer> coats) {
        return tilted(coats, 0, Tracks.NONE);
    }

    private static Mark tilted(List<PaintLayer> coats, double tilt, Tracks tracks) {
        return new Mark.Glyphs(1, 85.25, 220.5, 230, new Pose(240, 160, tilt), letters(), coats, INK, tracks);
    }

    private static List<Mark.PlacedGlyph> letters() {
        return List.of(
                new Mark.PlacedGlyph("A", 0, 0), new Mark.PlacedGlyph("o", 430, 0), new Mark.PlacedGlyph("y", 880, 0));
    }

    private static Mark plate(List<PaintLayer> coats, Tracks tracks) {
        return new Mark.Plate(60.25, 90.5, 360.5, 130.25, 26, MIDDLE, coats, tracks);
    }

    private static Mark picture(String name, Tracks tracks) {
        return new Mark.Picture(0, name, 150.5, 70.25, 180, MIDDLE, new Box(150.5, 70.25, 180, 180), tracks);
    }

    private static PaintLayer fill(String colour) {
        return new PaintLayer.Fill(new Paint.Solid(colour));
    }

    private static PaintLayer outline(String colour, double width) {
        return new PaintLayer.Outline(new Paint.Solid(colour), width, PaintLayer.Join.ROUND);
    }

    private static NumberTrack run(Property property, double from, double to) {
        return NumberTrack.of(property, new Keyframe(0, from, Easing.IN_OUT), new Keyframe(1000, to, Easing.HOLD));
    }

    private void clipped(String name, Tracks tracks) {
        Mark word = word(List.of(OUTLINE, FILL));
        page(name, new Mark.Group(MIDDLE, new Box(60.5, 30, 360, 260.5), List.of(word), tracks, null, List.of()));
    }

    private void group(String name, Tracks tracks, Mark... marks) {
        page(name, Mark.Group.of(MIDDLE, List.of(marks), tracks));
    }

    private void page(String name, Mark mark) {
        scene(name, List.of(part(0, 1000, 0, mark)));
    }

    private static Part part(int fromMs, int toMs, int depth, Mark mark) {
        return new Part(1, fromMs, toMs, depth, InkBounds.of(List.of(mark)), 1, List.of(mark));
    }

    private void scene(String name, List<Part> parts) {
        boolean still = parts.size() == 1 && still(parts.get(0).marks());
        List<Double> times = still
                ? List.of(500.0)
                : IntStream.rangeClosed(0, 4).mapToObj(i -> 60 + 220.0 * i).toList();
        pages.add(new Page(name, new Scene(WIDTH, HEIGHT, BookShapes.GLYPHS, BookShapes.PICTURES, parts), times));
    }

    private static boolean still(List<Mark> marks) {
        return marks.stream()
                .allMatch(mark -> !(mark instanceof Mark.Group) && mark.tracks().nothing());
    }
}
