package saltdrum.core.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.colour.Colours;
import saltdrum.core.motion.Easing;

class SceneTest {
    private static final PropertyTrack SCALE = new PropertyTrack(
            Property.SCALE,
            List.of(
                    Keyframe.of(100, 1, Easing.LINEAR),
                    Keyframe.of(200, 2, Easing.HOLD),
                    Keyframe.of(300, 5, Easing.HOLD)));

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
                "#000000",
                200,
                125,
                List.of(
                        new PropertyTrack(
                                Property.SCALE,
                                List.of(
                                        Keyframe.of(0, 1, new Easing.Bezier(0.3, 0, 0.5, 1.5)),
                                        Keyframe.of(9, 2, Easing.HOLD))),
                        new PropertyTrack(
                                Property.Y,
                                List.of(Keyframe.of(0, -30, Easing.LINEAR), Keyframe.of(9, 40, Easing.HOLD)))));
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

    @Test
    void aRestShowsNothingAndEqualStatesLookAlike() {
        CueScene cue = new CueScene(1, 100, 200, new Box(0, 0, 1, 1), 1, List.of());
        Scene scene = new Scene(1080, 1920, java.util.Map.of(), List.of(cue));
        assertThat(SceneAt.of(scene, 99.9)).isEqualTo(SceneAt.NOTHING);
        assertThat(SceneAt.of(scene, 100).cue()).isSameAs(cue);
        assertThat(SceneAt.of(scene, 200)).isEqualTo(SceneAt.NOTHING);
        assertThat(SceneAt.of(scene, 120).looksLike(SceneAt.of(scene, 180))).isTrue();
    }
}
