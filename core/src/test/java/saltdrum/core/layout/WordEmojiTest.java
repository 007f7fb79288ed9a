package saltdrum.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static saltdrum.core.layout.Leaves.leaves;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.look.FacetChoices.EmojiPosition;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.StaggerOrder;
import saltdrum.core.motion.Transition;
import saltdrum.core.motion.TransitionEffect;
import saltdrum.core.motion.WordArrival;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;
import saltdrum.core.style.Style;

/** Blocks of half an em for letters; “🔔” is the only emoji that has a drawing. */
class WordEmojiTest {
    private static final Size TALL = new Size(1080, 1920);
    /** 100 px letters: 50 px wide, 70 high; a space is 25. */
    private static final LookPatch PLAIN = LookPatch.of(Facets.SIZE, 100d).with(Facets.Y, 0.5);

    private static Part part(String text, int word, LookPatch own, LookPatch look) {
        Track track = Words.track(Recipe.PHRASE, text);
        Track bent = ChangeLook.ofWords(List.of(track.words().toList().get(word).id()), own)
                .on(track);
        return new SceneMaker(new BlockTypesetter())
                .make(bent, new Style("test", null, look, List.of()), TALL)
                .parts()
                .get(0);
    }

    private static Mark.Picture picture(Part part) {
        return leaves(part.marks(), Mark.Picture.class).get(0);
    }

    private static final LookPatch BELL = LookPatch.of(Facets.EMOJI, "🔔").with(Facets.EMOJI_SIZE, 1d);

    @Test
    void afterAWordItTakesRoomInTheLine() {
        Part part = part("ab cd", 0, BELL, PLAIN);
        List<Mark.Glyphs> words = leaves(part.marks(), Mark.Glyphs.class);
        // 100 + (16 + 100) + 25 + 100 wide.
        double left = 540 - 341 / 2.0;
        assertThat(words.get(0).x()).isEqualTo(left);
        assertThat(picture(part).x()).isEqualTo(left + 100 + 16);
        assertThat(words.get(1).x()).isEqualTo(left + 100 + 116 + 25);
        // Its middle is that of the capitals: the middle of the frame.
        assertThat(picture(part).y() + picture(part).size() / 2).isEqualTo(960);
        assertThat(picture(part).size()).isEqualTo(100);
        assertThat(picture(part).wordId()).isEqualTo(words.get(0).wordId());
    }

    @Test
    void beforeAWordItMovesItsLetters() {
        Part part = part("ab cd", 0, BELL.with(Facets.EMOJI_AT, EmojiPosition.BEFORE), PLAIN);
        double left = 540 - 341 / 2.0;
        assertThat(picture(part).x()).isEqualTo(left);
        assertThat(leaves(part.marks(), Mark.Glyphs.class).get(0).x()).isEqualTo(left + 116);
    }

    @Test
    void beforeAWordThatIsReadLeftwardsIsAtItsRight() {
        Part part = part("הים cd", 0, BELL.with(Facets.EMOJI_AT, EmojiPosition.BEFORE), PLAIN);
        Mark.Glyphs word = leaves(part.marks(), Mark.Glyphs.class).stream()
                .filter(mark -> mark.wordId() == picture(part).wordId())
                .findFirst()
                .orElseThrow();
        assertThat(picture(part).x()).isEqualTo(word.x() + 150 + 16);
    }

    @Test
    void aboveAndOverAWordItTakesNoneAndIsMovedByHand() {
        Part above = part("ab cd", 0, BELL.with(Facets.EMOJI_AT, EmojiPosition.ABOVE), PLAIN);
        double middle = 540 - 225 / 2.0 + 50;
        assertThat(leaves(above.marks(), Mark.Glyphs.class).get(0).x()).isEqualTo(540 - 112.5);
        assertThat(picture(above).x()).isEqualTo(middle - 50);
        assertThat(picture(above).y()).isCloseTo(960 - 35 - 16 - 100, within(0.01));
        Part over = part(
                "ab cd",
                0,
                BELL.with(Facets.EMOJI_AT, EmojiPosition.OVER)
                        .with(Facets.EMOJI_X, 0.5)
                        .with(Facets.EMOJI_Y, -1d),
                PLAIN);
        assertThat(picture(over).x()).isEqualTo(middle - 50 + 50);
        assertThat(picture(over).y()).isCloseTo(960 - 50 - 100, within(0.01));
    }

    @Test
    void itComesWithItsWordOrByItselfWhenThatIsSaid() {
        LookPatch byWord = PLAIN.with(
                Facets.ENTRANCE, Transition.of(TransitionEffect.FADE, MotionUnit.WORD, StaggerOrder.VOICE, 200));
        Part with = part("ab cd", 1, BELL, byWord);
        // The second word begins at 1400 ms; the cue shows its first a little before it is said.
        int shown = with.startMs() + 400;
        assertThat(opacity(with, shown)).isZero();
        assertThat(opacity(with, shown + 200)).isEqualTo(1);
        LookPatch own = BELL.with(Facets.EMOJI_ENTRANCE, new WordArrival(TransitionEffect.FADE, 100, 1, "linear"));
        Part alone = part("ab cd", 1, own, PLAIN);
        assertThat(opacity(alone, shown)).isZero();
        assertThat(opacity(alone, shown + 100)).isEqualTo(1);
        assertThat(leaves(alone.marks(), Mark.Glyphs.class).get(1).tracks().nothing())
                .isTrue();
        // Blurred it is on a picture of its own.
        Part blurred = part(
                "ab cd",
                1,
                BELL.with(Facets.EMOJI_ENTRANCE, new WordArrival(TransitionEffect.BLUR, 100, 1, "linear")),
                PLAIN);
        assertThat(blurred.marks()).anySatisfy(mark -> assertThat(mark).isInstanceOf(Mark.Group.class));
    }

    private static double opacity(Part part, int t) {
        return MarkState.of(picture(part), t).opacity();
    }

    @Test
    void whatHasNoDrawingIsToldAndWhatIsNoEmojiIsRefused() {
        assertThat(part("ab cd", 0, LookPatch.of(Facets.EMOJI, "🫠"), PLAIN).missing())
                .isEqualTo("🫠");
        for (String wrong : List.of("\"bell\"", "\"🔔🔔\"", "5", "\"" + "🔔".repeat(40) + "\"", "\"a🔔\"")) {
            assertThatThrownBy(() -> Json.read("{\"emoji\": " + wrong + "}", LookPatch.class, "look"))
                    .as(wrong)
                    .isInstanceOf(BadInputException.class)
                    .hasMessageContaining("“emoji” is one emoji, a sticker");
        }
        for (String good : List.of("👩‍🚒", "❤️", "🇫🇷", "👍🏽", "3️⃣")) {
            assertThat(Json.read("{\"emoji\": \"" + good + "\"}", LookPatch.class, "look")
                            .get(Facets.EMOJI))
                    .isEqualTo(good);
        }
    }
}
