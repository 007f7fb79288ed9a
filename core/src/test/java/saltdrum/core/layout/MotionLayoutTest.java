package saltdrum.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static saltdrum.core.layout.Leaves.leaves;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Backing;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.TextShadow;
import saltdrum.core.motion.Accent;
import saltdrum.core.motion.FillFlow;
import saltdrum.core.motion.Lift;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.PersistentTint;
import saltdrum.core.motion.SpokenPlate;
import saltdrum.core.motion.StaggerOrder;
import saltdrum.core.motion.Transition;
import saltdrum.core.motion.TransitionEffect;
import saltdrum.core.motion.TravellingPlate;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;

/** Letters are blocks of half an em, so that every result can be computed by hand. */
/** What moves of a cue, and when. */
class MotionLayoutTest {
    private static final Size TALL = new Size(1080, 1920);
    /** 100 px letters: 50 px wide, 70 high; a space is 25. */
    private static final LookPatch PLAIN = LookPatch.of(Facets.SIZE, 100d).with(Facets.Y, 0.5);

    private static Scene scene(Track track, LookPatch look) {
        return new SceneMaker(new BlockTypesetter()).make(track, new Style("test", null, look, List.of()), TALL);
    }

    private static List<Mark.Glyphs> glyphs(String text, LookPatch look) {
        return leaves(
                scene(Words.track(Recipe.PHRASE, text), look).parts().get(0).marks(), Mark.Glyphs.class);
    }

    private static final LookPatch BY_LETTER = PLAIN.with(
            Facets.ENTRANCE,
            new Transition(TransitionEffect.FADE, MotionUnit.LETTER, StaggerOrder.VOICE, 0, 100, 1, "linear"));

    private static double opacity(Mark mark, double t) {
        return MarkState.of(mark, t).opacity();
    }

    /** A joined word has one letter, itself, and was there from the beginning. */
    @Test
    void aJoinedWordComesWhenItIsSaidWhereLettersComeOneByOne() {
        Track track = Words.track(Recipe.PHRASE, "ab \u0628\u0628");
        Word joined = track.words().toList().get(1);
        Mark.Glyphs letters = glyphs("ab \u0628\u0628", BY_LETTER).stream()
                .filter(mark -> mark.wordId() == joined.id())
                .findFirst()
                .orElseThrow();
        assertThat(opacity(letters, joined.startMs() - 400)).isZero();
        assertThat(opacity(letters, joined.endMs() + 200)).isEqualTo(1);
    }

    @Test
    void lettersComeOneAfterAnotherAndWhatTheyCastWithThem() {
        LookPatch look = BY_LETTER.with(Facets.SHADOWS, List.of(new TextShadow.Long("#000000", 135, 0.3)));
        Word word = Words.track(Recipe.PHRASE, "abcd").words().toList().get(0);
        List<Mark.Glyphs> marks = glyphs("abcd", look);
        assertThat(marks).as("four shadows, four letters").hasSize(8);
        double middle = (word.startMs() + word.endMs()) / 2.0;
        assertThat(opacity(marks.get(0), middle)).isEqualTo(1);
        assertThat(opacity(marks.get(3), middle - 60)).isZero();
        assertThat(opacity(marks.get(4), middle)).isEqualTo(1);
        assertThat(opacity(marks.get(7), middle - 60)).isZero();
    }

    @Test
    void aWordThatIsNotTakenApartIsOneMark() {
        assertThat(glyphs("abcd", PLAIN)).hasSize(1);
        assertThat(glyphs("abcd", PLAIN.with(Facets.ACCENTS, List.of(Accent.Wave.BLANK))))
                .hasSize(4);
    }

    @Test
    void onePlateTravelsThroughACue() {
        LookPatch look = PLAIN.with(Facets.SPOKEN, List.of(TravellingPlate.BLANK));
        Scene scene = scene(Words.track(Recipe.PHRASE, "ab cde f"), look);
        List<Mark.Plate> plates = leaves(scene.parts().get(0).marks(), Mark.Plate.class);
        assertThat(plates).hasSize(1);
        // Three letters of 50 and 0.16 em of room on both sides.
        assertThat(plates.get(0).width()).isCloseTo(150 + 32, within(0.5));
    }

    private static Transition by(TransitionEffect way, MotionUnit by, StaggerOrder order) {
        return new Transition(way, by, order, 0, 100, 1, "linear");
    }

    /** In all the groups around it. */
    private static double seen(List<Mark> marks, Mark wanted, double t) {
        for (Mark mark : marks) {
            if (mark == wanted) {
                return opacity(mark, t);
            } else if (mark instanceof Mark.Group group) {
                double inside = seen(group.marks(), wanted, t);
                if (inside >= 0) {
                    return inside * opacity(group, t);
                }
            }
        }
        return -1;
    }

    /** A way that needs a picture of its own left a joined word, or one of one letter, on the screen from the beginning. */
    @ParameterizedTest
    @EnumSource(TransitionEffect.class)
    void aWordOfOneLetterComesInEveryWay(TransitionEffect way) {
        LookPatch look = PLAIN.with(Facets.ENTRANCE, by(way, MotionUnit.LETTER, StaggerOrder.VOICE));
        Track track = Words.track(Recipe.PHRASE, "abc d");
        Word last = track.words().toList().get(1);
        List<Mark> marks = scene(track, look).parts().get(0).marks();
        Mark.Glyphs letters = leaves(marks, Mark.Glyphs.class).stream()
                .filter(mark -> mark.wordId() == last.id())
                .findFirst()
                .orElseThrow();
        assertThat(seen(marks, letters, last.startMs() - 400)).isZero();
        assertThat(seen(marks, letters, last.endMs() + 300)).isEqualTo(1);
    }

    /** Copies in another colour stayed whole while their letters left. */
    @ParameterizedTest
    @MethodSource("overLetters")
    void whatLiesOverLettersGoesWithThem(LookPatch over) {
        LookPatch look = over.with(Facets.EXIT, by(TransitionEffect.FADE, MotionUnit.LETTER, StaggerOrder.BACKWARD));
        Track track = Words.track(Recipe.PHRASE, "abcd");
        Part part = scene(track, look).parts().get(0);
        for (Mark leaf : leaves(part.marks(), Mark.class)) {
            assertThat(seen(part.marks(), leaf, part.endMs() - 0.5))
                    .as("%s", leaf)
                    .isLessThan(0.2);
        }
    }

    static Stream<LookPatch> overLetters() {
        return Stream.of(
                PLAIN.with(Facets.SPOKEN, List.of(PersistentTint.BLANK)),
                PLAIN.with(Facets.SPOKEN, List.of(FillFlow.BLANK)),
                PLAIN.with(Facets.UNDERLINE, true),
                PLAIN.with(Facets.ACCENTS, List.of(Accent.Strike.BLANK)),
                PLAIN.with(Facets.PLATES, List.of(Backing.box(Backing.Behind.WORD, 0.2, 0.1, 0, Ink.of("#ff0000")))));
    }

    @ParameterizedTest
    @EnumSource(
            value = MotionUnit.class,
            names = {"WORD", "LETTER"})
    void aPlateBehindAWordComesWithItInEveryWay(MotionUnit by) {
        for (TransitionEffect way : TransitionEffect.values()) {
            LookPatch look = PLAIN.with(
                            Facets.PLATES, List.of(Backing.box(Backing.Behind.WORD, 0.2, 0.1, 0, Ink.of("#ff0000"))))
                    .with(Facets.ENTRANCE, by(way, by, StaggerOrder.VOICE));
            Track track = Words.track(Recipe.PHRASE, "abc de");
            List<Mark> marks = scene(track, look).parts().get(0).marks();
            Mark.Plate second = leaves(marks, Mark.Plate.class).get(1);
            Word word = track.words().toList().get(1);
            assertThat(seen(marks, second, word.startMs() - 400)).as("%s", way).isZero();
        }
    }

    /** "a pneumothorax" was "apneumothorax" while the long word was spoken. */
    @Test
    void aWordThatSwellsKeepsASpaceToItsNeighboursAtEveryMoment() {
        Track track = Words.track(Recipe.PHRASE, "a abcdefgh ab");
        LookPatch look = PLAIN.with(Facets.SPOKEN, List.of(new Lift(0, 1.2, 90)))
                .with(Facets.ACCENTS, List.of(new Accent.Punch(0.1, 260)));
        List<Mark.Glyphs> words = leaves(scene(track, look).parts().get(0).marks(), Mark.Glyphs.class);
        assertThat(words).hasSize(3);
        // 400 px times 1.2 times 1.1, on either side of its middle.
        assertThat(words.get(1).x() - (words.get(0).x() + 50)).isCloseTo(25 + 64, within(0.01));
        for (int ms = 0; ms < track.cues().get(0).lastWordMs() + 500; ms += 5) {
            for (int i = 1; i < words.size(); i++) {
                double right = edge(words.get(i - 1), ms, true);
                assertThat(edge(words.get(i), ms, false) - right)
                        .as("word %d at %d ms", i, ms)
                        .isGreaterThan(24.9);
            }
        }
    }

    @Test
    void aPlateUnderTheSpokenWordKeepsASpaceToItsNeighbours() {
        List<Mark.Glyphs> words = glyphs(
                "ab cd", PLAIN.with(Facets.SPOKEN, List.of(new SpokenPlate("#ffffff", 0.12, 0.8, -0.1, 0.1, 0.8, 90))));
        assertThat(words.get(1).x() - (words.get(0).x() + 100)).isCloseTo(25 + 12, within(0.01));
    }

    /** Of a word's letters, 50 px each. */
    private static double edge(Mark.Glyphs word, double ms, boolean right) {
        MarkState state = MarkState.of(word, ms);
        double rest = word.x() + (right ? 50 * word.glyphs().size() : 0);
        double pivot = word.pose().pivotX();
        return pivot + state.scale() * (rest - pivot) + state.x();
    }
}
