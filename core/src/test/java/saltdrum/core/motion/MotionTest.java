package saltdrum.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Pose;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

class MotionTest {
    private static final Beat WORD = new Beat(1000, 1600, 4000, 100, "#ffffff", true);
    private static final TransitionWindow LATE = new TransitionWindow(1000, 200, true, 100, 3, false);
    private static final TransitionWindow AT_ONCE = new TransitionWindow(1000, 200, false, 100, 0, false);

    private static MarkState at(Tracks tracks, double t) {
        return MarkState.of(
                new Mark.Plate(
                        0,
                        0,
                        9,
                        9,
                        0,
                        Pose.about(0, 0),
                        List.of(new PaintLayer.Fill(new Paint.Solid("#ffffff"))),
                        tracks),
                t);
    }

    private static Transition passage(TransitionEffect way) {
        return Transition.of(way, MotionUnit.WORD, StaggerOrder.VOICE, 200);
    }

    static Stream<Spoken> behaviours() {
        return ValueParts.kinds(Spoken.class).stream().map(kind -> Json.read(kind.blank(), Spoken.class, "blank"));
    }

    static Stream<Accent> accents() {
        return ValueParts.kinds(Accent.class).stream().map(kind -> Json.read(kind.blank(), Accent.class, "blank"));
    }

    private static void assertAtRest(MarkState state) {
        for (Property property : Property.values()) {
            assertThat(state.get(property)).as("%s", property).isEqualTo(property.rest());
        }
    }

    /** A way that ended elsewhere than at rest would leave a word askew for the rest of its cue. */
    @ParameterizedTest
    @EnumSource(TransitionEffect.class)
    void everyWayLeadsToRestFromOutOfSight(TransitionEffect way) {
        Tracks in = passage(way).in(LATE);
        assertThat(at(in, 990).opacity() == 0 || at(in, 990).get(Property.INSET_RIGHT) == 1)
                .isTrue();
        assertAtRest(at(in, 1200));
        assertAtRest(at(in, 3000));
    }

    @ParameterizedTest
    @EnumSource(TransitionEffect.class)
    void goingIsComingBackwards(TransitionEffect way) {
        Tracks in = passage(way).in(LATE);
        Tracks out = passage(way).out(LATE);
        assertAtRest(at(out, 990));
        for (int t = 1; t < 200; t += 13) {
            for (Property property : Property.values()) {
                assertThat(at(out, 1200 - t).get(property))
                        .as("%s after %s ms", property, t)
                        .isCloseTo(at(in, 1000 + t).get(property), within(1e-6));
            }
        }
        assertThat(at(out, 1202).opacity()).isZero();
    }

    @ParameterizedTest
    @EnumSource(TransitionEffect.class)
    void theSameStayGivesTheSameTracks(TransitionEffect way) {
        assertThat(passage(way).in(LATE)).isEqualTo(passage(way).in(LATE));
    }

    /** 0.97 of full size, 1.07, 1: common practice, no source. */
    @Test
    void aPopSwellsPastFullSize() {
        Tracks pop = passage(TransitionEffect.POP).in(AT_ONCE);
        assertThat(at(pop, 1000).scale()).isEqualTo(0.97);
        assertThat(at(pop, 1090).scale()).isEqualTo(1.07);
        assertThat(at(pop, 1200).scale()).isEqualTo(1);
        assertThat(at(pop, 1000).opacity()).isEqualTo(1);
    }

    @Test
    void strengthScalesAWay() {
        Transition strong =
                new Transition(TransitionEffect.RISE, MotionUnit.CUE, StaggerOrder.FORWARD, 0, 200, 2, "ease-out");
        assertThat(at(strong.in(AT_ONCE), 1000).y()).isEqualTo(60);
    }

    @Test
    void whatIsScatteredIsScatteredDifferentlyButAlwaysTheSame() {
        Transition scatter = passage(TransitionEffect.SCATTER);
        double one = at(scatter.in(LATE), 1000).x();
        double other = at(scatter.in(new TransitionWindow(1000, 200, true, 100, 4, false)), 1000)
                .x();
        assertThat(one).isNotEqualTo(other);
        assertThat(at(scatter.in(LATE), 1000).x()).isEqualTo(one);
    }

    @Test
    void aWipeRunsTheWayTheScriptDoes() {
        Tracks leftwards = passage(TransitionEffect.WIPE).in(new TransitionWindow(1000, 200, true, 100, 0, true));
        assertThat(at(leftwards, 1001).get(Property.INSET_LEFT)).isGreaterThan(0.9);
        assertThat(at(leftwards, 1001).get(Property.INSET_RIGHT)).isZero();
    }

    @Test
    void ordersAreRanks() {
        assertThat(StaggerOrder.FORWARD.ranks(4)).containsExactly(0, 1, 2, 3);
        assertThat(StaggerOrder.BACKWARD.ranks(4)).containsExactly(3, 2, 1, 0);
        assertThat(StaggerOrder.MIDDLE.ranks(5)).containsExactly(2, 1, 0, 1, 2);
        assertThat(StaggerOrder.MIDDLE.ranks(4)).containsExactly(1, 0, 0, 1);
        assertThat(StaggerOrder.RANDOM.ranks(20)).containsExactlyInAnyOrder(StaggerOrder.FORWARD.ranks(20));
        assertThat(StaggerOrder.RANDOM.ranks(20))
                .isEqualTo(StaggerOrder.RANDOM.ranks(20))
                .isNotEqualTo(StaggerOrder.FORWARD.ranks(20));
    }

    @ParameterizedTest
    @MethodSource("behaviours")
    void behavioursLeaveLettersAtRestOrWhereTheySayTheyDo(Spoken spoken) {
        MarkState after = at(spoken.tracks(WORD), 3900);
        double opacity = spoken instanceof Dim dim
                ? dim.others()
                : spoken instanceof SweepingPlate || spoken instanceof SpokenPlate ? 0 : 1;
        assertThat(after.opacity()).isEqualTo(opacity);
        assertThat(after.scale()).isEqualTo(1);
        assertThat(after.y()).isZero();
        assertThat(after.x()).isZero();
        assertThat(after.fill()).isIn(null, "#ffffff", "#ffffffff");
    }

    @ParameterizedTest
    @MethodSource("accents")
    void accentsBeginAndEndAtRest(Accent accent) {
        Tracks tracks = accent.tracks(WORD);
        double light = accent instanceof Accent.Glow ? 0 : 1;
        double drawn = accent instanceof Accent.Strike ? 0 : 1;
        for (double t : new double[] {900, 3900}) {
            MarkState state = at(tracks, t);
            assertThat(state.scale()).isEqualTo(1);
            assertThat(state.x()).isZero();
            assertThat(state.y()).isZero();
            assertThat(state.rotation()).isZero();
            assertThat(state.opacity()).isEqualTo(light);
        }
        assertThat(at(tracks, 900).extent()).isEqualTo(drawn);
        assertThat(at(tracks, 1100)).isNotEqualTo(at(tracks, 3900));
    }

    @Test
    void aTintIsThereWhileTheWordIsSaid() {
        Tracks tint = new Tint("#ff6b4a", 100).tracks(WORD);
        assertThat(at(tint, 1000).fill()).isEqualTo("#ffffff");
        assertThat(at(tint, 1300).fill()).isEqualTo("#ff6b4aff");
        assertThat(at(tint, 1700).fill()).isEqualTo("#ffffff");
    }

    @Test
    void aLiftIsInEmsAndUpwards() {
        assertThat(at(new Lift(0.2, 1, 90).tracks(WORD), 1400).y()).isEqualTo(-20);
    }

    @Test
    void aColourRunsThroughAtTheVoicesPace() {
        Tracks flow = new FillFlow("#00ff00").tracks(WORD);
        assertThat(at(flow, 1000).get(Property.INSET_RIGHT)).isEqualTo(1);
        assertThat(at(flow, 1300).get(Property.INSET_RIGHT)).isCloseTo(0.5, within(1e-9));
        assertThat(at(flow, 1600).get(Property.INSET_RIGHT)).isZero();
    }

    @Test
    void aPlateThatTravelsIsAtEachWordWhenItIsSaid() {
        TravellingPlate travel = new TravellingPlate("#ff6b4a", 0, 1, 0, 0, 100);
        List<TravellingPlate.Stop> stops = List.of(
                new TravellingPlate.Stop(new Box(100, 500, 200, 80), 1000),
                new TravellingPlate.Stop(new Box(340, 500, 100, 80), 1500),
                new TravellingPlate.Stop(new Box(100, 600, 400, 80), 1520));
        Tracks tracks = travel.along(stops, 400);
        assertThat(at(tracks, 1200).x()).isZero();
        assertThat(at(tracks, 1200).extent()).isEqualTo(0.5);
        assertThat(at(tracks, 3000).x()).isZero();
        assertThat(at(tracks, 3000).y()).isEqualTo(100);
        assertThat(at(tracks, 3000).extent()).isEqualTo(1);
    }

    @Test
    void motionsAreReadAsTheyWereWritten() {
        behaviours().forEach(spoken -> assertThat(Json.read(Json.write(spoken), Spoken.class, "motion"))
                .isEqualTo(spoken));
        accents().forEach(accent -> assertThat(Json.read(Json.write(accent), Accent.class, "motion"))
                .isEqualTo(accent));
        Transition passage = passage(TransitionEffect.SWING);
        assertThat(Json.read(Json.write(passage), Transition.class, "motion")).isEqualTo(passage);
    }

    @Test
    void whatIsOutOfRangeIsRefused() {
        assertThatThrownBy(() -> new DimUntilSpoken(1.5, 10)).hasMessageContaining("“Opacity before”");
        assertThatThrownBy(() -> new Lift(0, 1, 2001)).hasMessageContaining("2001");
        assertThatThrownBy(() -> new Lift(Double.NaN, 1, 20)).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new Transition(
                        TransitionEffect.POP, MotionUnit.WORD, StaggerOrder.VOICE, 3_600_000, 200, 1, "linear"))
                .hasMessageContaining("“One after another” is a number from 0 to 1000");
        assertThatThrownBy(() -> Json.read("{\"kind\":\"moonwalk\"}", Spoken.class, "motion"))
                .isInstanceOf(BadInputException.class);
    }

    /** The same places at the same times at any frame rate: states depend on the time alone. */
    @ParameterizedTest
    @ValueSource(doubles = {24, 25, 29.97, 30, 50, 60})
    void everyFrameRatePassesTheSamePlaces(double rate) {
        Tracks tracks = passage(TransitionEffect.SWING).in(LATE).and(new Hop(0.3, 400).tracks(WORD));
        MarkState[] passed = new MarkState[30];
        for (int frame = 0; frame < passed.length; frame++) {
            passed[frame] = at(tracks, 1000 + frame * 1000 / rate);
        }
        for (int frame = passed.length - 1; frame >= 0; frame--) {
            assertThat(at(tracks, 1000 + frame * 1000 / rate)).isEqualTo(passed[frame]);
        }
    }
}
