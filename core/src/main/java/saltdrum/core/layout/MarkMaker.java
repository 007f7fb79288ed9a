package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.motion.Spoken;
import saltdrum.core.scene.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.PropertyTrack;
import saltdrum.core.style.Backing;
import saltdrum.core.style.Shadow;
import saltdrum.core.style.Style;
import saltdrum.core.style.Voice;

/** Turns one cue's laid-out lines into marks, back to front: backing, sweeps, words. */
final class MarkMaker {
    private final Style style;
    private final LineLayout lines;
    private final MotionTracks motion;

    MarkMaker(Style style, Cue cue, CueTime time, boolean flowsOn, LineLayout lines) {
        this.style = style;
        this.lines = lines;
        this.motion = new MotionTracks(style, time, flowsOn, cue.firstWordMs() - time.showMs(), lines.em());
    }

    List<Mark> marks() {
        List<Mark> marks = new ArrayList<>();
        if (style.backing() != null) {
            lines.lines().forEach(line -> marks.add(backing(line, style.backing())));
        }
        for (Spoken spoken : style.spoken()) {
            if (spoken instanceof Spoken.Sweep sweep) {
                lines.words().forEach(word -> marks.add(sweep(word, sweep)));
            }
        }
        lines.words().forEach(word -> marks.add(run(word)));
        return List.copyOf(marks);
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
                motion.ofBacking());
    }

    private Mark sweep(PlacedWord word, Spoken.Sweep sweep) {
        double em = lines.em();
        double width = word.shaped().advance() / 1000 * word.size();
        Box box = Box.ofEdges(
                word.x() - sweep.padX() * em,
                word.y() - sweep.top() * em,
                word.x() + width + sweep.padX() * em,
                word.y() - sweep.bottom() * em);
        return plate(box, sweep.radius() * em, sweep.fill(), motion.ofSweep(word.word(), sweep));
    }

    private static Mark plate(Box box, double radius, String fill, List<PropertyTrack> tracks) {
        return new Mark.Plate(
                q(box.x()),
                q(box.y()),
                q(box.width()),
                q(box.height()),
                q(Math.min(radius, box.height() / 2)),
                fill,
                q(box.x() + box.width() / 2),
                q(box.y() + box.height() / 2),
                tracks);
    }

    private Mark run(PlacedWord word) {
        Voice voice = word.voice();
        double size = word.size();
        Shaped shaped = word.shaped();
        double outline = voice.outline() * size;
        Box ink = new Box(
                        word.x() + shaped.ink().x() / 1000 * size,
                        word.y() + shaped.ink().y() / 1000 * size,
                        shaped.ink().width() / 1000 * size,
                        shaped.ink().height() / 1000 * size)
                .grown(outline);
        Mark.Cast cast = null;
        if (voice.shadow() != null) {
            Shadow shadow = voice.shadow();
            cast = new Mark.Cast(
                    shadow.colour(), r(shadow.dx() * size), r(shadow.dy() * size), r(shadow.blur() * size));
            ink = ink.union(ink.moved(cast.dx(), cast.dy()).grown(3 * cast.sigma()));
        }
        return new Mark.GlyphRun(
                word.word().id(),
                r(word.x()),
                r(word.y()),
                r(size),
                r(word.x() + shaped.advance() / 2000 * size),
                r(word.y() - lines.capHeight() / lines.em() * size / 2),
                voice.tilt(),
                shaped.glyphs().stream()
                        .map(g -> new Mark.PlacedGlyph(g.key(), r(g.x()), r(g.y())))
                        .toList(),
                new Mark.Paint(cast, voice.outlineColour(), r(outline), voice.fill()),
                new Box(r(ink.x()), r(ink.y()), r(ink.width()), r(ink.height())),
                motion.ofWord(word.word(), voice));
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
