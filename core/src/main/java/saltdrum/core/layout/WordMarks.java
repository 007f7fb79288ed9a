package saltdrum.core.layout;

import static saltdrum.core.layout.type.Rounding.hundredth;
import static saltdrum.core.layout.type.Rounding.quarter;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.layout.type.Outlines;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.TextShadow;
import saltdrum.core.motion.Accent;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.Spoken;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Pose;
import saltdrum.core.track.Tracks;

/** Makes the marks of one word: shadows, letters, and the line under them. */
final class WordMarks extends WordPlace {
    private static final double LINE_BELOW = 0.1;
    private static final double LINE_HEIGHT = 0.07;

    private final CueBeats beats;
    private final List<List<ShapedWord.Glyph>> letters;

    WordMarks(LineLayout lines, CueBeats beats, PlacedWord word) {
        super(lines, word);
        this.beats = beats;
        this.letters = Letters.of(word);
    }

    /** Long shadows; they are painted under the letters of all words. */
    List<Mark> cast() {
        List<Mark> marks = new ArrayList<>();
        for (TextShadow shade : look.get(Facets.SHADOWS)) {
            if (shade instanceof TextShadow.Long drawn && drawn.length() > 0) {
                marks.add(drawnOut(drawn));
            }
        }
        return passed(marks);
    }

    List<Mark> letters() {
        Ink fill = look.get(Facets.FILL);
        boolean plain = word.word().emphasis() == 0;
        List<Mark> marks = new ArrayList<>();
        look.get(Facets.ACCENTS).stream()
                .filter(Accent.Glow.class::isInstance)
                .forEach(glow -> marks.add(withLastLetter(glow((Accent.Glow) glow))));
        if (look.get(Facets.UNDERLINE)) {
            marks.add(withLastLetter(underline(fill)));
        }
        if (!word.shaped().glyphs().isEmpty()) {
            marks.addAll(apart() ? lettersApart(fill) : lettersTogether(fill));
        }
        marks.addAll(pictures());
        if (plain) {
            boolean blended = fill instanceof Ink.Blend;
            lines.look().get(Facets.SPOKEN).stream()
                    .filter(Spoken.Coloured.class::isInstance)
                    .map(Spoken.Coloured.class::cast)
                    .filter(spoken -> spoken.copied(blended))
                    .forEach(spoken -> marks.add(copy(spoken)));
        }
        look.get(Facets.ACCENTS).stream()
                .filter(Accent.Strike.class::isInstance)
                .forEach(strike -> marks.add(withLastLetter(strike((Accent.Strike) strike))));
        return passed(marks);
    }

    /** Colour emoji keep their own colours; they come and go with the last letter. */
    private List<Mark> pictures() {
        return word.shaped().pictures().stream()
                .map(picture -> {
                    double side = hundredth(picture.size() / 1000 * size);
                    double x = hundredth(word.x() + picture.x() / 1000 * size);
                    double y = hundredth(word.y() + picture.y() / 1000 * size);
                    return withLastLetter(new Mark.Picture(
                            0, picture.key(), x, y, side, pose, new Box(x, y, side, side), moved(Tracks.NONE)));
                })
                .toList();
    }

    /** What belongs to a whole word whose letters come and go one by one does so with the last of them. */
    private Mark withLastLetter(Mark mark) {
        return apart() && beats.passing().moves(MotionUnit.LETTER)
                ? passing(List.of(mark), MotionUnit.LETTER, beats.ofLetter(word, letters.size() - 1))
                : mark;
    }

    /** Whether something moves its letters one by one. */
    private boolean apart() {
        return letters.size() > 1 && (beats.passing().moves(MotionUnit.LETTER) || waves());
    }

    private boolean waves() {
        return look.get(Facets.ACCENTS).stream().anyMatch(accent -> accent.moves() == Accent.Moved.LETTERS);
    }

    private List<Mark> lettersTogether(Ink fill) {
        boolean byLetter = fill instanceof Ink.Blend blend && blend.across() == Ink.Across.LETTER && letters.size() > 1;
        List<PaintLayer> coats = under();
        if (!byLetter) {
            coats.add(new PaintLayer.Fill(Inks.paint(fill, across(fill))));
            return List.of(glyphs(word.shaped().glyphs(), coats, moved(beats.ofColour(word, look))));
        }
        List<Mark> marks = new ArrayList<>();
        if (!coats.isEmpty()) {
            marks.add(glyphs(word.shaped().glyphs(), coats, moved(Tracks.NONE)));
        }
        for (List<ShapedWord.Glyph> letter : letters) {
            marks.add(glyphs(letter, List.of(new PaintLayer.Fill(Inks.paint(fill, box(letter)))), moved(Tracks.NONE)));
        }
        return marks;
    }

    /**
     * Every letter as a mark of its own, in a group that moves as the word does. Shadows and outlines are painted
     * under all letters.
     */
    private List<Mark> lettersApart(Ink fill) {
        List<Mark> marks = new ArrayList<>();
        List<PaintLayer> under = under();
        for (int i = 0; i < letters.size() && !under.isEmpty(); i++) {
            marks.add(letter(i, under, Tracks.NONE));
        }
        Tracks colour = beats.ofColour(word, look);
        for (int i = 0; i < letters.size(); i++) {
            Box box = fill instanceof Ink.Blend blend && blend.across() == Ink.Across.LETTER
                    ? box(letters.get(i))
                    : across(fill);
            marks.add(letter(i, List.of(new PaintLayer.Fill(Inks.paint(fill, box))), colour));
        }
        return List.of(Mark.Group.of(pose, marks, moved(Tracks.NONE)));
    }

    /** All letters in one coat, together or apart, without what moves the word. */
    private List<Mark> bare(List<PaintLayer> coats) {
        if (!apart()) {
            return List.of(glyphs(word.shaped().glyphs(), coats, untilted(), Tracks.NONE));
        }
        return IntStream.range(0, letters.size())
                .mapToObj(i -> letter(i, coats, Tracks.NONE))
                .toList();
    }

    private Mark letter(int i, List<PaintLayer> coats, Tracks colour) {
        List<ShapedWord.Glyph> own = letters.get(i);
        Pose middle = middle(own);
        if (!beats.passing().layered(MotionUnit.LETTER)) {
            return glyphs(own, coats, middle, ofLetter(i).and(colour));
        }
        return new Mark.Group(
                middle,
                hundredth(box(own).grown(size)),
                List.of(glyphs(
                        own, coats, middle, beats.ofLetterAccent(word, look, i).and(colour))),
                beats.ofLetter(word, i),
                null,
                List.of());
    }

    /** Its accent, and its transition if that needs no layer of its own. */
    private Tracks ofLetter(int i) {
        Tracks accent = beats.ofLetterAccent(word, look, i);
        boolean moves =
                beats.passing().moves(MotionUnit.LETTER) && !beats.passing().layered(MotionUnit.LETTER);
        return moves ? accent.and(beats.ofLetter(word, i)) : accent;
    }

    /** The letters in another fill, which comes over them. */
    private Mark copy(Spoken.Coloured spoken) {
        List<PaintLayer> coats = List.of(new PaintLayer.Fill(Inks.paint(Ink.of(spoken.fill()), box())));
        Tracks comes = moved(beats.ofCopy(word, spoken));
        if (spoken.uncovered()) {
            return new Mark.Group(pose, hundredth(box().grown(0, size)), bare(coats), comes, null, List.of());
        }
        return apart()
                ? Mark.Group.of(pose, bare(coats), comes)
                : glyphs(word.shaped().glyphs(), coats, comes);
    }

    /** A light behind the letters. */
    private Mark glow(Accent.Glow glow) {
        PaintLayer light = new PaintLayer.Shadow(
                glow.colour(),
                0,
                0,
                hundredth(glow.reach() * size / 2),
                hundredth((look.rim() + glow.reach() / 3) * size));
        return glyphs(word.shaped().glyphs(), List.of(light), moved(beats.of(word, glow)));
    }

    private Mark strike(Accent.Strike strike) {
        double thick = strike.thick() * size;
        return new Mark.Plate(
                quarter(word.x() - 0.06 * size),
                quarter(word.y() - 0.45 * capHeight - thick / 2),
                quarter(word.width() + 0.12 * size),
                quarter(thick),
                quarter(thick / 2),
                pose,
                List.of(new PaintLayer.Fill(Inks.paint(Ink.of(strike.fill()), box()))),
                moved(beats.of(word, strike)));
    }

    /** Adds the spoken motion of the word, and its transition if that needs no layer of its own. */
    private Tracks moved(Tracks own) {
        Tracks all = CueBeats.opacity(look).and(beats.ofSpoken(word, look)).and(own);
        return wholly() == null || beats.passing().layered(wholly()) ? all : passes().and(all);
    }

    /** What it is that comes and goes where that is the word as a whole, be it because it has one letter; else null. */
    private MotionUnit wholly() {
        return beats.passing().moves(MotionUnit.WORD)
                ? MotionUnit.WORD
                : beats.passing().moves(MotionUnit.LETTER) && letters.size() < 2 ? MotionUnit.LETTER : null;
    }

    private Tracks passes() {
        return wholly() == MotionUnit.WORD ? beats.ofWord(word) : beats.ofLetter(word, 0);
    }

    /** Wraps the marks in a group if their transition needs one. */
    private List<Mark> passed(List<Mark> marks) {
        return marks.isEmpty() || wholly() == null || !beats.passing().layered(wholly())
                ? marks
                : List.of(passing(marks, wholly(), passes()));
    }

    private Mark passing(List<Mark> marks, MotionUnit by, Tracks tracks) {
        Box room = beats.passing().layered(by) ? hundredth(box().grown(size)) : null;
        return new Mark.Group(untilted(), room, marks, tracks, null, List.of());
    }

    private Mark drawnOut(TextShadow.Long drawn) {
        double angle = Math.toRadians(drawn.angle());
        long dx = Math.round(1000 * drawn.length() * Math.sin(angle));
        long dy = Math.round(-1000 * drawn.length() * Math.cos(angle));
        List<PaintLayer> coats = new ArrayList<>();
        Ink ink = Ink.of(drawn.colour());
        if (look.rim() > 0) {
            coats.add(new PaintLayer.Outline(
                    Inks.paint(ink, box()), hundredth(look.rim() * size), PaintLayer.Join.ROUND));
        }
        coats.add(new PaintLayer.Fill(Inks.paint(ink, box())));
        if (!apart()) {
            return swept(word.shaped().glyphs(), dx, dy, coats, pose, moved(Tracks.NONE));
        }
        List<Mark> each = new ArrayList<>();
        for (int i = 0; i < letters.size(); i++) {
            each.add(swept(letters.get(i), dx, dy, coats, middle(letters.get(i)), ofLetter(i)));
        }
        return Mark.Group.of(pose, each, moved(Tracks.NONE));
    }

    private Mark swept(
            List<ShapedWord.Glyph> letter, long dx, long dy, List<PaintLayer> coats, Pose about, Tracks tracks) {
        Box bare = letter.size() == word.shaped().glyphs().size()
                ? ink(word.shaped().ink())
                : near(letter);
        Box swept = bare.union(bare.moved(dx / 1000.0 * size, dy / 1000.0 * size));
        List<Mark.PlacedGlyph> glyphs = letter.stream()
                .map(g -> new Mark.PlacedGlyph(Outlines.swept(g.key(), dx, dy), hundredth(g.x()), hundredth(g.y())))
                .toList();
        return mark(glyphs, coats, swept, about, tracks);
    }

    private Mark underline(Ink fill) {
        List<PaintLayer> coats = under();
        coats.add(new PaintLayer.Fill(Inks.paint(fill, across(fill))));
        return new Mark.Plate(
                quarter(word.x()),
                quarter(word.y() + LINE_BELOW * size),
                quarter(word.width()),
                quarter(LINE_HEIGHT * size),
                0,
                pose,
                List.copyOf(coats),
                moved(Tracks.NONE));
    }
}
