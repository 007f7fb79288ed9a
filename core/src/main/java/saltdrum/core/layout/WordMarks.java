package saltdrum.core.layout;

import static saltdrum.core.layout.Round.hundredth;
import static saltdrum.core.layout.Round.quarter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.Look;
import saltdrum.core.look.Rim;
import saltdrum.core.look.Shade;
import saltdrum.core.motion.Motion;
import saltdrum.core.motion.Tint;
import saltdrum.core.paint.Coat;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Pose;
import saltdrum.core.track.Easing;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

/** The marks of one word: what its letters cast, the letters, and the line under them. */
final class WordMarks {
    private static final double LINE_BELOW = 0.1;
    private static final double LINE_HEIGHT = 0.07;

    private final LineLayout lines;
    private final CueBeats beats;
    private final PlacedWord word;
    private final Look look;
    private final double size;
    private final double capHeight;
    private final Pose pose;

    WordMarks(LineLayout lines, CueBeats beats, PlacedWord word) {
        this.lines = lines;
        this.beats = beats;
        this.word = word;
        this.look = word.look();
        this.size = word.size();
        this.capHeight = lines.capHeight() / lines.em() * size;
        this.pose = new Pose(
                hundredth(word.x() + word.width() / 2), hundredth(word.y() - capHeight / 2), look.number(Facets.TILT));
    }

    /** Long shadows: they lie under the letters of every word. */
    List<Mark> cast() {
        List<Mark> marks = new ArrayList<>();
        for (Shade shade : look.get(Facets.SHADOWS)) {
            if (shade instanceof Shade.Long drawn && drawn.length() > 0) {
                marks.add(drawnOut(drawn));
            }
        }
        return marks;
    }

    List<Mark> letters() {
        Tracks moved = tracks();
        Ink fill = look.get(Facets.FILL);
        boolean byLetter = fill instanceof Ink.Blend blend
                && blend.across() == Ink.Across.LETTER
                && !Joined.anyIn(word.word().text());
        List<Mark> marks = new ArrayList<>();
        if (byLetter) {
            List<Coat> under = under();
            if (!under.isEmpty()) {
                marks.add(glyphs(word.shaped().glyphs(), under, moved));
            }
            for (List<Shaped.Glyph> letter : clusters()) {
                marks.add(glyphs(letter, List.of(new Coat.Fill(Inks.paint(fill, box(letter)))), moved));
            }
        } else {
            List<Coat> coats = under();
            coats.add(new Coat.Fill(Inks.paint(fill, across(fill))));
            marks.add(glyphs(word.shaped().glyphs(), coats, moved));
        }
        if (look.get(Facets.UNDERLINE)) {
            marks.add(0, underline(fill, moved));
        }
        if (fill instanceof Ink.Blend && word.word().emphasis() == 0) {
            for (var spoken : lines.look().get(Facets.SPOKEN)) {
                if (spoken instanceof Tint tint) {
                    marks.add(glyphs(
                            word.shaped().glyphs(),
                            List.of(new Coat.Fill(Inks.paint(Ink.of(tint.fill()), box()))),
                            moved.and(beats.ofTintOver(word.word(), tint))));
                }
            }
        }
        return marks;
    }

    private Tracks tracks() {
        Tracks moved = beats.ofLetters(word.word(), look);
        double opacity = look.number(Facets.OPACITY);
        return opacity == 1
                ? moved
                : Tracks.of(NumberTrack.of(Property.OPACITY, Motion.key(0, opacity, Easing.HOLD)))
                        .and(moved);
    }

    /** What lies under the fill: shadows, then outlines, the widest first. */
    private List<Coat> under() {
        List<Coat> coats = new ArrayList<>();
        double rim = look.rim();
        for (Shade shade : look.get(Facets.SHADOWS)) {
            if (shade instanceof Shade.Soft soft) {
                coats.add(new Coat.Cast(
                        soft.colour(),
                        hundredth(soft.dx() * size),
                        hundredth(soft.dy() * size),
                        hundredth(soft.blur() * size),
                        hundredth((rim + soft.spread()) * size)));
            }
        }
        look.get(Facets.OUTLINES).stream()
                .filter(outline -> outline.width() * size >= 0.01)
                .sorted(Comparator.comparingDouble(Rim::width).reversed())
                .forEach(outline -> coats.add(new Coat.Outline(
                        Inks.paint(outline.ink(), across(outline.ink())),
                        hundredth(outline.width() * size),
                        outline.join())));
        return coats;
    }

    private Mark drawnOut(Shade.Long drawn) {
        double angle = Math.toRadians(drawn.angle());
        long dx = Math.round(1000 * drawn.length() * Math.sin(angle));
        long dy = Math.round(-1000 * drawn.length() * Math.cos(angle));
        List<Coat> coats = new ArrayList<>();
        Ink ink = Ink.of(drawn.colour());
        if (look.rim() > 0) {
            coats.add(new Coat.Outline(Inks.paint(ink, box()), hundredth(look.rim() * size), Coat.Join.ROUND));
        }
        coats.add(new Coat.Fill(Inks.paint(ink, box())));
        Box bare = ink(word.shaped().ink());
        Box swept = bare.union(bare.moved(dx / 1000.0 * size, dy / 1000.0 * size));
        List<Mark.PlacedGlyph> glyphs = word.shaped().glyphs().stream()
                .map(g -> new Mark.PlacedGlyph(Outlines.swept(g.key(), dx, dy), hundredth(g.x()), hundredth(g.y())))
                .toList();
        return mark(glyphs, coats, swept, tracks());
    }

    private Mark underline(Ink fill, Tracks moved) {
        List<Coat> coats = under();
        coats.add(new Coat.Fill(Inks.paint(fill, across(fill))));
        return new Mark.Plate(
                quarter(word.x()),
                quarter(word.y() + LINE_BELOW * size),
                quarter(word.width()),
                quarter(LINE_HEIGHT * size),
                0,
                pose,
                List.copyOf(coats),
                moved);
    }

    private Mark glyphs(List<Shaped.Glyph> glyphs, List<Coat> coats, Tracks tracks) {
        return mark(
                glyphs.stream()
                        .map(g -> new Mark.PlacedGlyph(g.key(), hundredth(g.x()), hundredth(g.y())))
                        .toList(),
                coats,
                ink(word.shaped().ink()),
                tracks);
    }

    private Mark mark(List<Mark.PlacedGlyph> glyphs, List<Coat> coats, Box bare, Tracks tracks) {
        Box ink = bare;
        for (Coat coat : coats) {
            ink = ink.union(coat.around(bare));
        }
        return new Mark.Glyphs(
                word.word().id(),
                hundredth(word.x()),
                hundredth(word.y()),
                hundredth(size),
                pose,
                glyphs,
                List.copyOf(coats),
                hundredth(ink),
                tracks);
    }

    private Box ink(Box shaped) {
        return new Box(
                word.x() + shaped.x() / 1000 * size,
                word.y() + shaped.y() / 1000 * size,
                shaped.width() / 1000 * size,
                shaped.height() / 1000 * size);
    }

    /** What an ink runs across; one that runs across each letter takes the word where it cannot. */
    private Box across(Ink ink) {
        if (!(ink instanceof Ink.Blend blend)) {
            return box();
        }
        return switch (blend.across()) {
            case LETTER, WORD -> box();
            case LINE -> lines.lines().get(word.line());
            case CUE -> lines.lines().stream().reduce(Box::union).orElseThrow();
        };
    }

    private Box box() {
        return new Box(word.x(), word.y() - capHeight, word.width(), capHeight);
    }

    private Box box(List<Shaped.Glyph> letter) {
        double left = letter.stream().mapToDouble(Shaped.Glyph::x).min().orElseThrow();
        double right =
                letter.stream().mapToDouble(g -> g.x() + g.advance()).max().orElseThrow();
        return new Box(word.x() + left / 1000 * size, word.y() - capHeight, (right - left) / 1000 * size, capHeight);
    }

    /** A letter and the marks on it. */
    private List<List<Shaped.Glyph>> clusters() {
        List<List<Shaped.Glyph>> clusters = new ArrayList<>();
        for (Shaped.Glyph glyph : word.shaped().glyphs()) {
            if (clusters.isEmpty() || glyph.advance() > 0) {
                clusters.add(new ArrayList<>());
            }
            clusters.get(clusters.size() - 1).add(glyph);
        }
        return clusters;
    }
}
