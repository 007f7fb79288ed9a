package saltdrum.core.cue;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.SafeZones.Zone;
import saltdrum.core.plane.Box;

/**
 * The layout of the finished picture, in its pixels. The stage, the burn and the checks all use it.
 *
 * @param output size of the finished picture, even
 * @param turned size of the clip's picture once it is turned
 * @param picture where the clip's picture is at time 0; parts outside the output are cropped, uncovered parts are
 * bars. Its edges are even, so that the codec's halved colours match whole pixels
 * @param moves where its left and top move, in order of time; empty if it is still
 * @param backdrop the blurred copy of the clip that the bars show; null if they show something else
 * @param bars the parts of the output that the picture does not cover: none, one, or two opposite ones
 * @param zones what a phone lays over it
 * @param safe the area outside these zones, in parts of the output
 * @param places where text is placed above, over or below the picture
 */
public record FrameLayout(
        Size output,
        Size turned,
        Box picture,
        List<Move> moves,
        Backdrop backdrop,
        List<Box> bars,
        List<Zone> zones,
        Box safe,
        Places places) {
    /**
     * The picture's corner at a time. Between two moves the position is interpolated by 3u² − 2u³, u being the share of the
     * time. The crop is rounded to the nearest pixel, then down to an even one.
     */
    public record Move(int ms, double x, double y) {}

    /** Parts of the output, each within what is safe; where there is no bar, a band at that edge. */
    public record Places(Box above, Box over, Box below) {}

    private static final double BAND = 0.16;

    static FrameLayout of(Frame frame, Size clip, SafeZones zones) {
        Size out = frame.output(clip);
        Size turned = frame.turned(clip);
        Box whole = new Box(0, 0, out.width(), out.height());
        if (frame.aspect() == Frame.Aspect.OWN) {
            // An odd last row or column hangs over.
            Box all = new Box(0, 0, turned.width(), turned.height());
            return lying(out, turned, all, List.of(), null, zones);
        }
        if (frame.sit() == Frame.Sit.FILL) {
            Box picture = covering(turned, whole);
            List<Move> moves = moves(frame.focus(), picture, out);
            if (!moves.isEmpty()) {
                picture = new Box(even(moves.get(0).x), even(moves.get(0).y), picture.width(), picture.height());
            }
            return lying(out, turned, picture, moves.size() > 1 ? moves : List.of(), null, zones);
        }
        Box picture = inside(turned, room(frame.bars(), out));
        boolean blurred = frame.bars().kind() == Bars.Kind.BLUR;
        return lying(out, turned, picture, List.of(), blurred ? Backdrop.of(frame.bars(), turned, out) : null, zones);
    }

    private static FrameLayout lying(
            Size out, Size turned, Box picture, List<Move> moves, Backdrop backdrop, SafeZones zones) {
        Box safe = zones.safe(out);
        return new FrameLayout(
                out,
                turned,
                picture,
                moves,
                backdrop,
                bars(picture, out),
                zones.zones(out),
                safe,
                places(out, picture, safe));
    }

    /** The space between bars whose heights were set by a person. */
    private static Box room(Bars bars, Size out) {
        double top = even(Bars.part(bars.top()) * out.height());
        double bottom = out.height() - even(Bars.part(bars.bottom()) * out.height());
        return Box.ofEdges(0, top, out.width(), bottom);
    }

    private static Box covering(Size picture, Box room) {
        double scale = Math.max(room.width() / picture.width(), room.height() / picture.height());
        int width = evenUp(picture.width() * scale);
        int height = evenUp(picture.height() * scale);
        return new Box(
                evenDown(room.x() + (room.width() - width) / 2.0),
                evenDown(room.y() + (room.height() - height) / 2.0),
                width,
                height);
    }

    private static Box inside(Size picture, Box room) {
        double scale = Math.min(room.width() / picture.width(), room.height() / picture.height());
        int width = Math.max(2, evenDown(picture.width() * scale));
        int height = Math.max(2, evenDown(picture.height() * scale));
        return new Box(
                evenDown(room.x() + (room.width() - width) / 2.0),
                evenDown(room.y() + (room.height() - height) / 2.0),
                width,
                height);
    }

    /** The corner of a picture whose point of interest is as near to the frame's middle as its edges allow. */
    private static List<Move> moves(List<Frame.Focus> focus, Box picture, Size out) {
        return focus.stream()
                .map(point -> new Move(
                        point.ms(),
                        Math.min(
                                0,
                                Math.max(
                                        out.width() - picture.width(),
                                        out.width() / 2.0 - point.x() * picture.width())),
                        Math.min(
                                0,
                                Math.max(
                                        out.height() - picture.height(),
                                        out.height() / 2.0 - point.y() * picture.height()))))
                .toList();
    }

    private static List<Box> bars(Box picture, Size out) {
        List<Box> bars = new ArrayList<>();
        if (picture.height() < out.height()) {
            bars.add(Box.ofEdges(0, 0, out.width(), picture.y()));
            bars.add(Box.ofEdges(0, picture.bottom(), out.width(), out.height()));
        }
        if (picture.width() < out.width()) {
            // Between those above and below, where there are any.
            bars.add(Box.ofEdges(0, picture.y(), picture.x(), picture.bottom()));
            bars.add(Box.ofEdges(picture.right(), picture.y(), out.width(), picture.bottom()));
        }
        bars.removeIf(bar -> bar.width() <= 0 || bar.height() <= 0);
        return List.copyOf(bars);
    }

    private static Places places(Size out, Box picture, Box safe) {
        double top = Math.max(0, picture.y() / out.height());
        double bottom = Math.min(1, picture.bottom() / out.height());
        Box above = top > BAND / 2
                ? Box.ofEdges(safe.x(), Math.min(safe.y(), top / 2), safe.right(), top)
                : Box.ofEdges(safe.x(), safe.y(), safe.right(), safe.y() + BAND);
        Box below = 1 - bottom > BAND / 2
                ? Box.ofEdges(safe.x(), bottom, safe.right(), Math.max(safe.bottom(), (1 + bottom) / 2))
                : Box.ofEdges(safe.x(), safe.bottom() - BAND, safe.right(), safe.bottom());
        return new Places(
                above,
                Box.ofEdges(safe.x(), Math.max(safe.y(), top), safe.right(), Math.min(safe.bottom(), bottom)),
                below);
    }

    /** The position of the picture at a time of the clip, ms. */
    public Box at(double ms) {
        if (moves.isEmpty()) {
            return picture;
        }
        Move before = moves.get(0);
        for (Move move : moves) {
            if (move.ms > ms) {
                double u = move == before ? 0 : Math.max(0, (ms - before.ms) / (move.ms - before.ms));
                double way = u * u * (3 - 2 * u);
                return new Box(
                        even(before.x + (move.x - before.x) * way),
                        even(before.y + (move.y - before.y) * way),
                        picture.width(),
                        picture.height());
            }
            before = move;
        }
        return new Box(even(before.x), even(before.y), picture.width(), picture.height());
    }

    /** How much of the picture is cropped, as ffmpeg's crop counts: to the nearest pixel, then to the even one before it. */
    private static double even(double corner) {
        double cropped = Math.rint(Math.abs(corner));
        return Math.signum(corner) * 2 * Math.floor(cropped / 2);
    }

    /** Tolerates rounding errors, so that a side that fits exactly is not changed. */
    private static int evenUp(double length) {
        return 2 * (int) Math.ceil(length / 2 - 1e-6);
    }

    private static int evenDown(double length) {
        return 2 * (int) Math.floor(length / 2 + 1e-6);
    }
}
