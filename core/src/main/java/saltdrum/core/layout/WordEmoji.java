package saltdrum.core.layout;

import static saltdrum.core.layout.type.Rounding.hundredth;

import java.util.List;
import saltdrum.core.layout.LineLayout.PlacedWord;
import saltdrum.core.look.FacetChoices.EmojiPosition;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Pose;

/**
 * The emoji of a word: before or after it in reading order, where it takes space in the line, or above or over it,
 * where it takes none.
 */
final class WordEmoji {
    /** Between it and its word, em: common practice, no source. */
    private static final double GAP = 0.16;

    private WordEmoji() {}

    /** The room that it takes in the line, em of the word. */
    static double room(Look look) {
        EmojiPosition at = look.get(Facets.EMOJI_AT);
        return inLine(at) ? look.number(Facets.EMOJI_SIZE) + GAP : 0;
    }

    /** Whether that room is left of the letters. */
    static boolean left(Look look, boolean leftwards) {
        EmojiPosition at = look.get(Facets.EMOJI_AT);
        return inLine(at) && (at == EmojiPosition.BEFORE) != leftwards;
    }

    private static boolean inLine(EmojiPosition at) {
        return at == EmojiPosition.BEFORE || at == EmojiPosition.AFTER;
    }

    static Mark mark(LineLayout lines, PlacedWord word, CueBeats beats) {
        Look look = word.look();
        double em = word.size();
        double cap = lines.capHeight() / lines.em() * em;
        double side = look.number(Facets.EMOJI_SIZE) * em;
        double middle = word.x() + word.width() / 2;
        double x =
                switch (look.get(Facets.EMOJI_AT)) {
                    case ABOVE, OVER -> middle;
                    case BEFORE, AFTER ->
                        left(look, Letters.leftwards(word))
                                ? word.x() - GAP * em - side / 2
                                : word.x() + word.width() + GAP * em + side / 2;
                };
        double y = look.get(Facets.EMOJI_AT) == EmojiPosition.ABOVE
                ? word.y() - cap - GAP * em - side / 2
                : word.y() - cap / 2;
        double left = hundredth(x + look.number(Facets.EMOJI_X) * em - side / 2);
        double top = hundredth(y + look.number(Facets.EMOJI_Y) * em - side / 2);
        Box box = new Box(left, top, hundredth(side), hundredth(side));
        Pose pose = new Pose(hundredth(left + side / 2), hundredth(top + side / 2), lines.ownTilt(word));
        CueTransitions passing = beats.besides(look);
        Mark.Picture picture = new Mark.Picture(
                word.word().id(),
                word.emoji(),
                left,
                top,
                box.width(),
                pose,
                box,
                passing.layered(MotionUnit.WORD)
                        ? beats.ofBeside(word)
                        : beats.ofBeside(word).and(beats.ofWord(word, passing)));
        return passing.layered(MotionUnit.WORD)
                ? new Mark.Group(
                        Pose.about(pose.pivotX(), pose.pivotY()),
                        hundredth(box.grown(side)),
                        List.of(picture),
                        beats.ofWord(word, passing),
                        null,
                        List.of())
                : picture;
    }
}
