package saltdrum.core.layout;

import static saltdrum.core.layout.type.Rounding.hundredth;
import static saltdrum.core.layout.type.Rounding.quarter;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.layout.type.Outlines;
import saltdrum.core.look.Backing;
import saltdrum.core.look.Ink;
import saltdrum.core.look.TextOutline;
import saltdrum.core.motion.Motion;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Pose;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** Makes marks for plates. */
final class PlateMarks {
    /** Room for descenders below and accents above, em, so that the plates of two lines meet. */
    private static final double ROOM = 0.2;

    private PlateMarks() {}

    /**
     * @param behind from the capitals' top to the baseline of the text that the plate is behind
     * @param pose of what it moves with; null if it does not move
     */
    static Mark of(Backing backing, Box behind, double em, Pose pose, Tracks tracks) {
        double padX = backing.padX() * em;
        double padY = (ROOM + backing.padY()) * em;
        Box box = Box.ofEdges(behind.x() - padX, behind.y() - padY, behind.right() + padX, behind.bottom() + padY);
        Pose own = pose != null
                ? pose
                : Pose.about(quarter(box.x() + box.width() / 2), quarter(box.y() + box.height() / 2));
        Tracks all = backing.opacity() == 1
                ? tracks
                : Tracks.of(NumberTrack.of(Property.OPACITY, Motion.key(0, backing.opacity(), Easing.HOLD)))
                        .and(tracks);
        List<PaintLayer> coats = coats(backing, box, em);
        return switch (backing.form()) {
            case BOX -> plate(box, backing.radius() * em, own, coats, all);
            case PILL -> plate(box, box.height() / 2, own, coats, all);
            case TORN -> shape(PlateShapes.torn(box.width(), box.height(), em), box, box, own, coats, all);
            case BUBBLE ->
                shape(
                        PlateShapes.bubble(box.width(), box.height(), backing.radius() * em, em),
                        box,
                        Box.ofEdges(box.x(), box.y(), box.right(), box.bottom() + PlateShapes.TAIL * em),
                        own,
                        coats,
                        all);
        };
    }

    static Mark plain(Box box, double radius, String fill, Tracks tracks) {
        return plate(
                box,
                radius,
                Pose.about(quarter(box.x() + box.width() / 2), quarter(box.y() + box.height() / 2)),
                List.of(new PaintLayer.Fill(Inks.paint(Ink.of(fill), box))),
                tracks);
    }

    private static Mark plate(Box box, double radius, Pose pose, List<PaintLayer> coats, Tracks tracks) {
        return new Mark.Plate(
                quarter(box.x()),
                quarter(box.y()),
                quarter(box.width()),
                quarter(box.height()),
                quarter(Math.min(radius, Math.min(box.width(), box.height()) / 2)),
                pose,
                coats,
                tracks);
    }

    /** A path in design pixels from the box's top left: letters of 1000 pixels have the same units. */
    private static Mark shape(String path, Box box, Box bare, Pose pose, List<PaintLayer> coats, Tracks tracks) {
        Box ink = bare;
        for (PaintLayer layer : coats) {
            ink = ink.union(layer.around(bare));
        }
        return new Mark.Glyphs(
                0,
                quarter(box.x()),
                quarter(box.y()),
                1000,
                pose,
                List.of(new Mark.PlacedGlyph(Outlines.drawn(path), 0, 0)),
                coats,
                hundredth(ink.grown(1)),
                tracks);
    }

    private static List<PaintLayer> coats(Backing backing, Box box, double em) {
        List<PaintLayer> coats = new ArrayList<>();
        TextOutline rim = backing.outline();
        double width = rim == null ? 0 : rim.width() * em;
        if (backing.shadow() != null) {
            coats.add(new PaintLayer.Shadow(
                    backing.shadow().colour(),
                    hundredth(backing.shadow().dx() * em),
                    hundredth(backing.shadow().dy() * em),
                    hundredth(backing.shadow().blur() * em),
                    hundredth(width + backing.shadow().spread() * em)));
        }
        if (width >= 0.01) {
            coats.add(new PaintLayer.Outline(Inks.paint(rim.ink(), box), hundredth(width), rim.join()));
        }
        coats.add(new PaintLayer.Fill(Inks.paint(backing.fill(), box)));
        return List.copyOf(coats);
    }
}
