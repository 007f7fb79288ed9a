package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.motion.Spoken;
import saltdrum.core.motion.Sweep;
import saltdrum.core.paint.Coat;
import saltdrum.core.paint.Paint;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Pose;
import saltdrum.core.style.Backing;
import saltdrum.core.style.Shadow;
import saltdrum.core.style.Style;
import saltdrum.core.style.Voice;
import saltdrum.core.track.Tracks;

/** Turns one cue's laid-out lines into marks, back to front: backing, sweeps, words. */
final class MarkMaker {
    private final Style style;
    private final LineLayout lines;
    private final CueBeats beats;

    MarkMaker(Style style, Cue cue, CueTime time, boolean flowsOn, LineLayout lines) {
        this.style = style;
        this.lines = lines;
        this.beats = new CueBeats(style, time, flowsOn, cue.firstWordMs() - time.showMs(), lines.em());
    }

    List<Mark> marks() {
        List<Mark> marks = new ArrayList<>();
        if (style.backing() != null) {
            lines.lines().forEach(line -> marks.add(backing(line, style.backing())));
        }
        for (Spoken spoken : style.spoken()) {
            if (spoken instanceof Sweep sweep) {
                lines.words().forEach(word -> marks.add(sweep(word, sweep)));
            }
        }
        lines.words().forEach(word -> marks.add(letters(word)));
        Tracks together = beats.ofCue();
        return together.nothing() ? List.copyOf(marks) : List.of(Mark.Group.of(middle(), marks, together));
    }

    /** What moves the cue as a whole moves it about the middle of its lines. */
    private Pose middle() {
        Box all = lines.lines().stream().reduce(Box::union).orElse(Box.EMPTY);
        return Pose.about(q(all.x() + all.width() / 2), q(all.y() + all.height() / 2));
    }

    private Mark backing(Box line, Backing backing) {
        double em = lines.em();
        // Room for descenders below and accents above, so that the plates of two lines meet.
        double half = lines.capHeight() / 2 + (0.2 + backing.padY()) * em;
        double middle = line.y() + line.height() / 2;
        double left = line.x() - backing.padX() * em;
        return plate(
                Box.ofEdges(left, middle - half, line.right() + backing.padX() * em, middle + half),
                backing.radius() * em,
                backing.fill(),
                beats.ofBacking());
    }

    private Mark sweep(PlacedWord word, Sweep sweep) {
        double em = lines.em();
        double width = word.shaped().advance() / 1000 * word.size();
        Box box = Box.ofEdges(
                word.x() - sweep.padX() * em,
                word.y() - sweep.top() * em,
                word.x() + width + sweep.padX() * em,
                word.y() - sweep.bottom() * em);
        return plate(box, sweep.radius() * em, sweep.fill(), beats.ofPlate(word.word(), sweep));
    }

    private static Mark plate(Box box, double radius, String fill, Tracks tracks) {
        return new Mark.Plate(
                q(box.x()),
                q(box.y()),
                q(box.width()),
                q(box.height()),
                q(Math.min(radius, box.height() / 2)),
                Pose.about(q(box.x() + box.width() / 2), q(box.y() + box.height() / 2)),
                List.of(new Coat.Fill(new Paint.Solid(fill))),
                tracks);
    }

    private Mark letters(PlacedWord word) {
        Voice voice = word.voice();
        double size = word.size();
        Shaped shaped = word.shaped();
        Box bare = new Box(
                word.x() + shaped.ink().x() / 1000 * size,
                word.y() + shaped.ink().y() / 1000 * size,
                shaped.ink().width() / 1000 * size,
                shaped.ink().height() / 1000 * size);
        List<Coat> coats = coats(voice, size);
        Box ink = bare;
        for (Coat coat : coats) {
            ink = ink.union(coat.around(bare));
        }
        return new Mark.Glyphs(
                word.word().id(),
                r(word.x()),
                r(word.y()),
                r(size),
                new Pose(
                        r(word.x() + shaped.advance() / 2000 * size),
                        r(word.y() - lines.capHeight() / lines.em() * size / 2),
                        voice.tilt()),
                shaped.glyphs().stream()
                        .map(g -> new Mark.PlacedGlyph(g.key(), r(g.x()), r(g.y())))
                        .toList(),
                coats,
                new Box(r(ink.x()), r(ink.y()), r(ink.width()), r(ink.height())),
                beats.ofLetters(word.word(), voice));
    }

    private static List<Coat> coats(Voice voice, double size) {
        List<Coat> coats = new ArrayList<>();
        double outline = r(voice.outline() * size);
        Shadow shadow = voice.shadow();
        if (shadow != null) {
            coats.add(new Coat.Cast(
                    shadow.colour(), r(shadow.dx() * size), r(shadow.dy() * size), r(shadow.blur() * size), outline));
        }
        if (outline > 0) {
            coats.add(new Coat.Outline(new Paint.Solid(voice.outlineColour()), outline, Coat.Join.ROUND));
        }
        coats.add(new Coat.Fill(new Paint.Solid(voice.fill())));
        return List.copyOf(coats);
    }

    /** Quarters are exact in a float, so that both painters add x and width to the same edge. */
    private static double q(double value) {
        return Math.round(value * 4) / 4.0;
    }

    /** Hundredths are finer than any pixel and short to write. */
    private static double r(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
