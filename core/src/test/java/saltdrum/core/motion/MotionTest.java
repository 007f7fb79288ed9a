package saltdrum.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.paint.Coat;
import saltdrum.core.paint.Paint;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Pose;
import saltdrum.core.track.Tracks;

class MotionTest {
    private static final Beat WORD = new Beat(1000, 1600, 4000, 100, "#ffffff", true);
    private static final Beat CUE = new Beat(1000, 4000, 4000, 100, null, false);

    private static MarkState at(Motion motion, Beat beat, double t) {
        return at(motion.tracks(beat), t);
    }

    private static MarkState at(Tracks tracks, double t) {
        return MarkState.of(
                new Mark.Plate(
                        0, 0, 9, 9, 0, Pose.about(0, 0), List.of(new Coat.Fill(new Paint.Solid("#ffffff"))), tracks),
                t);
    }

    static List<Motion> all() {
        return List.of(
                new Appear(Entrance.Unit.WORD),
                new Pop(Entrance.Unit.WORD, 170, 0.07),
                new Rise(Entrance.Unit.WORD, 220, 0.28),
                new Fade(Entrance.Unit.WORD, 130),
                new Tint("#ff6b4a", 90),
                new Lift(0.03, 1.05, 90),
                new Kindle(0.5, 120),
                new Sweep("#9fd6cb", 0.1, 0.3, -0.1, 0.1, 140));
    }

    /** A motion that ended elsewhere than at rest would leave a word askew for the rest of its cue. */
    @ParameterizedTest
    @MethodSource("all")
    void everyMotionButTheSweepEndsAtRest(Motion motion) {
        MarkState after = at(motion, WORD, 3900);
        assertThat(after.opacity()).isEqualTo(motion instanceof Sweep ? 0 : 1);
        assertThat(after.scale()).isEqualTo(1);
        assertThat(after.y()).isZero();
        assertThat(after.fill()).isIn(null, "#ffffff", "#ffffffff");
    }

    @ParameterizedTest
    @MethodSource("all")
    void theSameBeatGivesTheSameTracks(Motion motion) {
        assertThat(motion.tracks(WORD)).isEqualTo(motion.tracks(WORD));
    }

    @Test
    void aWordThatComesLaterThanItsCueIsOutOfSightBefore() {
        for (Motion motion : all().subList(0, 4)) {
            assertThat(at(motion, WORD, 990).opacity()).as("%s", motion).isZero();
        }
        assertThat(at(new Pop(Entrance.Unit.CUE, 170, 0.07), CUE, 1000).opacity())
                .isEqualTo(1);
    }

    @Test
    void aPopSwellsPastFullSize() {
        Pop pop = new Pop(Entrance.Unit.WORD, 200, 0.1);
        assertThat(at(pop, WORD, 1000).scale()).isCloseTo(1 - 0.043, org.assertj.core.data.Offset.offset(1e-4));
        assertThat(at(pop, WORD, 1090).scale()).isCloseTo(1.1, org.assertj.core.data.Offset.offset(1e-4));
        assertThat(at(pop, WORD, 1200).scale()).isEqualTo(1);
    }

    @Test
    void aWayInTakesTwoThirdsOfAShortCueAtMost() {
        Beat hasty = new Beat(1000, 1150, 1150, 100, null, false);
        Fade fade = new Fade(Entrance.Unit.CUE, 500);
        assertThat(at(fade, hasty, 1050).opacity()).isBetween(0.3, 0.9);
        assertThat(at(fade, hasty, 1100).opacity()).isEqualTo(1);
    }

    @Test
    void aTintIsThereWhileTheWordIsSaid() {
        Tint tint = new Tint("#ff6b4a", 100);
        assertThat(at(tint, WORD, 1000).fill()).isEqualTo("#ffffff");
        assertThat(at(tint, WORD, 1300).fill()).isEqualTo("#ff6b4aff");
        assertThat(at(tint, WORD, 1700).fill()).isEqualTo("#ffffff");
    }

    @Test
    void aLiftIsInEmsAndUpwards() {
        assertThat(at(new Lift(0.2, 1, 90), WORD, 1400).y()).isEqualTo(-20);
    }

    @Test
    void fadingAwayTakesAThirdAtMost() {
        FadeOut out = new FadeOut(2000);
        assertThat(at(out, CUE, 2999).opacity()).isEqualTo(1);
        assertThat(at(out, CUE, 3500).opacity()).isBetween(0.3, 0.9);
        assertThat(at(out, CUE, 4000).opacity()).isZero();
        assertThat(new FadeOut(0).tracks(CUE).nothing()).isTrue();
    }

    @Test
    void motionsAreReadAsTheyWereWritten() {
        for (Motion motion : all()) {
            Class<? extends Motion> kind = motion instanceof Entrance ? Entrance.class : Spoken.class;
            assertThat((Object) Json.read(Json.write(motion), kind, "motion")).isEqualTo(motion);
        }
    }

    @Test
    void whatIsOutOfRangeIsRefused() {
        assertThatThrownBy(() -> new Kindle(1.5, 10)).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new Lift(0, 1, 2001))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("2001");
        assertThatThrownBy(() -> new Rise(null, 10, 0)).isInstanceOf(BadInputException.class);
    }
}
