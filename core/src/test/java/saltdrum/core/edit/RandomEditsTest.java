package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.ShrinkingMode;
import saltdrum.core.SaltDrumException;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.EditDice.Throw;
import saltdrum.core.motion.Accent;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.scene.Mark;

/**
 * The same 400 sequences of edits in every run. The search for others is {@link RandomEditsExploration}; what it finds is
 * kept here as an example.
 */
class RandomEditsTest {
    @Provide
    Arbitrary<List<Throw>> sequences() {
        return EditDice.sequences();
    }

    /** What JSON names and what the compiler permits are two lists; this says when they disagree. */
    @Example
    void jsonKnowsEveryKind() {
        for (Class<?> closed : List.of(Edit.class, Mark.class, PaintLayer.class, Paint.class, Accent.class)) {
            assertThat(closed.getAnnotation(JsonSubTypes.class).value())
                    .extracting(JsonSubTypes.Type::value)
                    .containsExactlyInAnyOrderElementsOf(kinds(closed).toList());
        }
    }

    /** The records of a closed set, those of its groups included. */
    private static Stream<Class<?>> kinds(Class<?> closed) {
        return closed.isSealed()
                ? Arrays.stream(closed.getPermittedSubclasses()).flatMap(RandomEditsTest::kinds)
                : Stream.of(closed);
    }

    @Property(tries = 400, seed = "20261126", shrinking = ShrinkingMode.BOUNDED)
    void everyStepKeepsItsPromises(@ForAll("sequences") List<Throw> dice) {
        EditPromises.assertKept(dice);
    }

    /** Re-breaking an empty list of cues was an index out of bounds. */
    @Property(tries = 200, seed = "20261130", shrinking = ShrinkingMode.BOUNDED)
    void noListNeedsSomethingInIt(@ForAll("sequences") List<Throw> dice) throws Exception {
        Track track =
                Words.track(Recipe.PHRASE, "Sand it first or you will be back by Friday. Three coats thin as tea.");
        for (Throw die : dice) {
            try {
                Edit edit = withEmptyLists(EditDice.edit(die, track));
                edit.on(track);
                assertThat(edit.said(track)).isNotBlank();
            } catch (SaltDrumException refused) {
                assertThat(refused.getMessage()).endsWith(".");
            }
        }
    }

    private static Edit withEmptyLists(Edit edit) throws Exception {
        RecordComponent[] parts = edit.getClass().getRecordComponents();
        Object[] values = new Object[parts.length];
        for (int i = 0; i < parts.length; i++) {
            values[i] = List.class.isAssignableFrom(parts[i].getType())
                    ? List.of()
                    : parts[i].getAccessor().invoke(edit);
        }
        try {
            Class<?>[] types =
                    Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
            return (Edit) edit.getClass().getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof RuntimeException refused) {
                throw refused;
            }
            throw e;
        }
    }

    /** Was refused with “would start before” out of the track. */
    @Example
    void wordsSqueezedToAMillisecondCanBeTypedOver() {
        EditPromises.assertKept(List.of(
                new Throw(6, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(3, 0, 2, false, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(6, 1, 0, false, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(9, 0, 1, true, 5473),
                new Throw(2, 55, 371, true, -229),
                new Throw(11, 10, 2, false, -23),
                new Throw(7, 695, 126, true, -189),
                new Throw(1, 20, 10, false, -90),
                new Throw(1, 844, 708, true, 2018),
                new Throw(0, 1, 24, true, 355),
                new Throw(9, 20, 85, false, 6076),
                new Throw(0, 1000, 1, true, -2),
                new Throw(0, 1000, 1000, false, -2),
                new Throw(12, 300, 171, true, 758),
                new Throw(4, 59, 538, true, 1574),
                new Throw(1, 0, 999, true, -2),
                new Throw(0, 182, 2, true, 823),
                new Throw(12, 772, 313, true, -82),
                new Throw(17, 907, 133, true, 338),
                new Throw(0, 2, 1000, true, -1),
                new Throw(21, 1000, 0, false, -1)));
    }

    /** Took part of an untouched neighbour: 9700 became 9880 ms. */
    @Example
    void aWordPutInLeavesAnUnchangedNeighbourItsTime() {
        EditPromises.assertKept(List.of(
                new Throw(21, 13, 1, true, 1),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(1, 0, 0, true, 0),
                new Throw(3, 3, 2, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(1, 0, 1, true, -1),
                new Throw(12, 104, 803, false, -28),
                new Throw(21, 999, 1, true, -1)));
    }

    /** Took part of an untouched neighbour: 6500 became 6550 ms. */
    @Example
    void aWordPutInAfterAJoinLeavesItsNeighbourItsTime() {
        EditPromises.assertKept(List.of(
                new Throw(21, 0, 0, true, 1),
                new Throw(19, 1, 2, true, 0),
                new Throw(21, 3, 0, true, 1),
                new Throw(1, 3, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 39, 311, false, -29),
                new Throw(2, 11, 43, false, 120),
                new Throw(1, 108, 19, false, -91),
                new Throw(3, 4, 999, false, -123),
                new Throw(18, 27, 767, false, 2834),
                new Throw(6, 172, 4, false, 940),
                new Throw(13, 83, 100, true, -40),
                new Throw(7, 96, 511, false, -12),
                new Throw(19, 617, 105, true, 89),
                new Throw(17, 951, 87, false, -11),
                new Throw(2, 35, 14, true, 263),
                new Throw(0, 31, 407, false, 1),
                new Throw(8, 188, 448, true, -4),
                new Throw(0, 8, 57, true, 24),
                new Throw(0, 1000, 0, false, -2),
                new Throw(19, 876, 229, false, -518),
                new Throw(21, 2, 2, false, -2),
                new Throw(1, 999, 1000, false, -2),
                new Throw(10, 90, 260, false, 163),
                new Throw(4, 0, 11, false, 0),
                new Throw(16, 42, 736, true, 955),
                new Throw(2, 999, 2, true, -2),
                new Throw(14, 856, 6, false, 8912),
                new Throw(15, 67, 281, false, 299),
                new Throw(16, 388, 100, true, -25),
                new Throw(18, 14, 62, true, 161),
                new Throw(2, 87, 3, false, 29),
                new Throw(4, 14, 3, false, -210),
                new Throw(18, 317, 8, true, 16),
                new Throw(0, 2, 114, false, -70),
                new Throw(21, 1000, 0, true, -1)));
    }

    /** Showed at −1000 ms. */
    @Example
    void aCueTimedToZeroThatIsSplitNeverShowsBeforeTheClip() {
        EditPromises.assertKept(
                List.of(new Throw(0, 0, 1, true, 0), new Throw(10, 0, 0, true, 0), new Throw(6, 1, 2, false, 0)));
    }

    /** Showed at −1000 ms. */
    @Example
    void aCueBrokenAnewNeverShowsBeforeTheClip() {
        EditPromises.assertKept(List.of(
                new Throw(0, 0, 1, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(0, 0, 0, true, 0),
                new Throw(3, 4, 0, true, 0),
                new Throw(1, 1, 0, true, 0),
                new Throw(1, 1, 0, true, 0),
                new Throw(0, 0, 0, true, -22),
                new Throw(1, 1, 999, true, -1),
                new Throw(5, 20, 2, true, -8),
                new Throw(8, 223, 1, false, -243),
                new Throw(2, 1, 1, true, -2),
                new Throw(13, 0, 14, false, 990),
                new Throw(4, 652, 14, false, 6135),
                new Throw(17, 627, 29, true, 2910),
                new Throw(5, 13, 71, false, -869),
                new Throw(15, 7, 757, false, -646),
                new Throw(5, 493, 181, false, -48),
                new Throw(10, 7, 214, true, 23),
                new Throw(0, 1000, 1000, false, -2),
                new Throw(4, 693, 1, true, 2631),
                new Throw(15, 1, 5, false, -70),
                new Throw(6, 358, 26, false, 66)));
    }

    /** The cue was broken again and lost its lock, though none of its words was replaced. */
    @Example
    void aLockedCueAroundAShortRangeStands() {
        EditPromises.assertKept(
                List.of(new Throw(14, 0, 0, true, 0), new Throw(5, 0, 0, true, 0), new Throw(32, 0, 0, true, 1)));
    }
}
