package saltdrum.core.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import saltdrum.core.colour.Colours;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

class SceneTest {
    private static final NumberTrack SCALE = new NumberTrack(
            Property.SCALE,
            List.of(
                    new Keyframe(100, 1, Easing.LINEAR),
                    new Keyframe(200, 2, Easing.HOLD),
                    new Keyframe(300, 5, Easing.HOLD)));

    @Test
    void aTrackHoldsBeforeItsFirstAndAfterItsLastKeyframe() {
        assertThat(SCALE.valueAt(0)).isEqualTo(1);
        assertThat(SCALE.valueAt(150)).isEqualTo(1.5);
        assertThat(SCALE.valueAt(299)).isEqualTo(2);
        assertThat(SCALE.valueAt(300)).isEqualTo(5);
        assertThat(SCALE.valueAt(9000)).isEqualTo(5);
    }

    @Test
    void coloursMixChannelByChannel() {
        assertThat(Colours.mix("#000000", "#ff8000", 0.5)).isEqualTo("#804000ff");
        assertThat(Colours.mix("#00000000", "#000000ff", 2)).isEqualTo("#000000ff");
    }

    @Test
    void inkCoversEveryPoseOfAMark() {
        Mark plate = new Mark.Plate(
                100,
                100,
                200,
                50,
                5,
                Pose.about(200, 125),
                List.of(new PaintLayer.Fill(new Paint.Solid("#000000"))),
                Tracks.of(
                        new NumberTrack(
                                Property.SCALE,
                                List.of(
                                        new Keyframe(0, 1, new Easing.Bezier(0.3, 0, 0.5, 1.5)),
                                        new Keyframe(9, 2, Easing.HOLD))),
                        new NumberTrack(
                                Property.Y,
                                List.of(new Keyframe(0, -30, Easing.LINEAR), new Keyframe(9, 40, Easing.HOLD)))));
        Box ink = InkBounds.of(List.of(plate));
        for (double t = 0; t <= 9; t += 0.25) {
            MarkState state = MarkState.of(plate, t);
            double half = 100 * state.scale();
            assertThat(ink.x()).isLessThanOrEqualTo(200 - half);
            assertThat(ink.right()).isGreaterThanOrEqualTo(200 + half);
            assertThat(ink.y()).isLessThanOrEqualTo(125 + state.y() - 25 * state.scale());
            assertThat(ink.bottom()).isGreaterThanOrEqualTo(125 + state.y() + 25 * state.scale());
        }
    }

    private static Part part(int fromMs, int toMs, int depth) {
        return new Part(1, fromMs, toMs, depth, new Box(0, 0, 1, 1), 1, List.of());
    }

    private static Timeline timeline(Part... parts) {
        return new Timeline(new Scene(1080, 1920, Map.of(), Map.of(), List.of(parts)));
    }

    private static List<Part> alive(Timeline timeline, double t) {
        return timeline.at(t).alive().stream().map(SceneAt.Alive::part).toList();
    }

    @Test
    void aRestShowsNothingAndEqualStatesLookAlike() {
        Part part = part(100, 200, 0);
        Timeline timeline = timeline(part);
        assertThat(timeline.at(99.9)).isEqualTo(SceneAt.NOTHING);
        assertThat(alive(timeline, 100)).containsExactly(part);
        assertThat(timeline.at(200)).isEqualTo(SceneAt.NOTHING);
        assertThat(timeline.at(120).looksLike(timeline.at(180))).isTrue();
    }

    @Test
    void partsThatOverlapAreDrawnByDepthThenByTheirBeginning() {
        Part headline = part(0, 9000, 2);
        Part leaving = part(500, 1100, 0);
        Part plate = part(600, 3000, -1);
        Part coming = part(1000, 2000, 0);
        Timeline timeline = timeline(headline, leaving, plate, coming);
        assertThat(alive(timeline, 1050)).containsExactly(plate, leaving, coming, headline);
        assertThat(alive(timeline, 2500)).containsExactly(plate, headline);
        assertThat(alive(timeline, 8999)).containsExactly(headline);
        assertThat(alive(timeline, 9000)).isEmpty();
    }

    @Test
    void aGroupMovesEveryChildByItsDelay() {
        Mark plate = new Mark.Plate(0, 0, 10, 10, 0, Pose.about(0, 0), List.of(), Tracks.NONE);
        NumberTrack up =
                NumberTrack.of(Property.Y, new Keyframe(0, 100, Easing.LINEAR), new Keyframe(100, 0, Easing.HOLD));
        Mark group = new Mark.Group(
                Pose.about(0, 0), null, List.of(plate, plate), Tracks.NONE, Tracks.of(up), List.of(0.0, 50.0));
        List<MarkState> children = MarkState.of(group, 60).children();
        assertThat(children).extracting(MarkState::y).containsExactly(40.0, 90.0);
    }

    @Test
    void severalTracksOfAPropertyAddOrMultiplyFromItsRest() {
        Mark plate = new Mark.Plate(
                0,
                0,
                10,
                10,
                0,
                Pose.about(0, 0),
                List.of(),
                Tracks.of(
                        still(Property.X, 3),
                        still(Property.X, 4),
                        still(Property.SCALE, 2),
                        still(Property.SCALE, 3)));
        MarkState state = MarkState.of(plate, 0);
        assertThat(state.x()).isEqualTo(7);
        assertThat(state.scale()).isEqualTo(6);
        assertThat(state.opacity()).isEqualTo(1);
    }

    private static NumberTrack still(Property property, double value) {
        return NumberTrack.of(property, new Keyframe(0, value, Easing.HOLD));
    }

    @Test
    void onlyWhatChangedDiffers() {
        Part headline = part(0, 9000, 2);
        Part cue = new Part(1, 1000, 2000, 0, new Box(10, 10, 50, 50), 1, List.of());
        Timeline timeline = timeline(headline, cue);
        assertThat(timeline.at(1500).difference(timeline.at(500))).isEqualTo(cue.bounds());
        assertThat(timeline.at(1500).difference(timeline.at(1600)).width()).isZero();
    }

    /** The whole cue was repainted for every word that moved, because its group had changed somewhere. */
    @Test
    void ofAGroupThatStaysOnlyTheMarksThatMoveDiffer() {
        Mark still = new Mark.Plate(0, 0, 10, 10, 0, Pose.about(0, 0), List.of(), Tracks.NONE);
        NumberTrack up =
                NumberTrack.of(Property.Y, new Keyframe(0, 0, Easing.LINEAR), new Keyframe(1000, 50, Easing.HOLD));
        Mark moving = new Mark.Plate(500, 0, 10, 10, 0, Pose.about(0, 0), List.of(), Tracks.of(up));
        NumberTrack aside =
                NumberTrack.of(Property.X, new Keyframe(0, 0, Easing.LINEAR), new Keyframe(100, 7, Easing.HOLD));
        Mark group = Mark.Group.of(Pose.about(0, 0), List.of(still, moving), Tracks.of(aside));
        Timeline timeline = timeline(new Part(1, 0, 1000, 0, new Box(0, 0, 600, 100), 1, List.of(group)));
        Box later = timeline.at(600).difference(timeline.at(500));
        assertThat(later.x()).isBetween(500.0, 507.0);
        assertThat(later.width()).isLessThan(20);
        assertThat(timeline.at(60).difference(timeline.at(50)).x()).isLessThan(10);
    }
}
