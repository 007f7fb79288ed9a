package saltdrum.core.layout;

import static saltdrum.core.layout.type.Rounding.hundredth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.Look;
import saltdrum.core.look.TextOutline;
import saltdrum.core.look.TextShadow;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Pose;
import saltdrum.core.track.Tracks;

/** The position of one word, paint that extends over several words, and marks at this position. */
abstract class WordPlace {
    final LineLayout lines;
    final PlacedWord word;
    final Look look;
    final double size;
    final double capHeight;
    final Pose pose;

    WordPlace(LineLayout lines, PlacedWord word) {
        this.lines = lines;
        this.word = word;
        this.look = word.look();
        this.size = word.size();
        this.capHeight = lines.capHeight() / lines.em() * size;
        this.pose = new Pose(
                hundredth(word.x() + word.width() / 2), hundredth(word.y() - capHeight / 2), lines.ownTilt(word));
    }

    Pose untilted() {
        return Pose.about(pose.pivotX(), pose.pivotY());
    }

    Pose middle(List<ShapedWord.Glyph> letter) {
        Box box = box(letter);
        return Pose.about(hundredth(box.x() + box.width() / 2), hundredth(box.y() + box.height() / 2));
    }

    Mark glyphs(List<ShapedWord.Glyph> glyphs, List<PaintLayer> coats, Tracks tracks) {
        return glyphs(glyphs, coats, pose, tracks);
    }

    Mark glyphs(List<ShapedWord.Glyph> glyphs, List<PaintLayer> coats, Pose about, Tracks tracks) {
        return mark(
                glyphs.stream()
                        .map(g -> new Mark.PlacedGlyph(g.key(), hundredth(g.x()), hundredth(g.y())))
                        .toList(),
                coats,
                glyphs.size() == word.shaped().glyphs().size()
                        ? ink(word.shaped().ink())
                        : near(glyphs),
                about,
                tracks);
    }

    /** Where a letter's ink can be: its advance, and an em around it for what reaches over. */
    Box near(List<ShapedWord.Glyph> letter) {
        Box all = ink(word.shaped().ink());
        Box own = box(letter).grown(0.6 * size);
        double left = Math.max(all.x(), own.x());
        double right = Math.max(left, Math.min(all.right(), own.right()));
        return Box.ofEdges(left, all.y(), right, all.bottom());
    }

    Mark mark(List<Mark.PlacedGlyph> glyphs, List<PaintLayer> coats, Box bare, Pose about, Tracks tracks) {
        Box ink = bare;
        for (PaintLayer layer : coats) {
            ink = ink.union(layer.around(bare));
        }
        return new Mark.Glyphs(
                word.word().id(),
                hundredth(word.x()),
                hundredth(word.y()),
                hundredth(size),
                about,
                glyphs,
                List.copyOf(coats),
                hundredth(ink),
                tracks);
    }

    Box ink(Box shaped) {
        return new Box(
                word.x() + shaped.x() / 1000 * size,
                word.y() + shaped.y() / 1000 * size,
                shaped.width() / 1000 * size,
                shaped.height() / 1000 * size);
    }

    /** What an ink runs across; one that runs across each letter takes the word where it cannot. */
    Box across(Ink ink) {
        if (!(ink instanceof Ink.Blend blend)) {
            return box();
        }
        return switch (blend.across()) {
            case LETTER, WORD -> box();
            case LINE -> lines.lines().get(word.line());
            case CUE -> lines.lines().stream().reduce(Box::union).orElseThrow();
        };
    }

    Box box() {
        return new Box(word.x(), word.y() - capHeight, word.width(), capHeight);
    }

    Box box(List<ShapedWord.Glyph> letter) {
        double left = letter.stream().mapToDouble(ShapedWord.Glyph::x).min().orElseThrow();
        double right =
                letter.stream().mapToDouble(g -> g.x() + g.advance()).max().orElseThrow();
        return new Box(word.x() + left / 1000 * size, word.y() - capHeight, (right - left) / 1000 * size, capHeight);
    }

    /** The layers under the fill: shadows, then outlines, the widest first. */
    List<PaintLayer> under() {
        List<PaintLayer> coats = new ArrayList<>();
        double rim = look.rim();
        for (TextShadow shade : look.get(Facets.SHADOWS)) {
            if (shade instanceof TextShadow.Soft soft) {
                coats.add(new PaintLayer.Shadow(
                        soft.colour(),
                        hundredth(soft.dx() * size),
                        hundredth(soft.dy() * size),
                        hundredth(soft.blur() * size),
                        hundredth((rim + soft.spread()) * size)));
            }
        }
        look.get(Facets.OUTLINES).stream()
                .filter(outline -> outline.width() * size >= 0.01)
                .sorted(Comparator.comparingDouble(TextOutline::width).reversed())
                .forEach(outline -> coats.add(new PaintLayer.Outline(
                        Inks.paint(outline.ink(), across(outline.ink())),
                        hundredth(outline.width() * size),
                        outline.join())));
        return coats;
    }
}
