package saltdrum.core.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

class InkBoundsTest {
    private static NumberTrack track(Property property, double... values) {
        List<Keyframe> keys = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            keys.add(new Keyframe(1000.0 * i, values[i], Easing.LINEAR));
        }
        return new NumberTrack(property, keys);
    }

    private static Mark plate(double pivotX, double pivotY, NumberTrack... tracks) {
        return new Mark.Plate(
                100,
                200,
                400,
                40,
                0,
                Pose.about(pivotX, pivotY),
                List.of(new PaintLayer.Fill(new Paint.Solid("#fbf7ee"))),
                Tracks.of(tracks));
    }

    /** A plate of 400x40 that turns once round was given a box 62 high, so a burn would have cut it. */
    @Test
    void aMarkThatTurnsOnceRoundSweepsACircle() {
        Box box = InkBounds.of(List.of(plate(300, 220, track(Property.ROTATION, 0, 360))));
        double across = Math.hypot(400, 40);
        assertThat(box.width()).isBetween(across, across + 6);
        assertThat(box.height()).isBetween(across, across + 6);
    }

    @Test
    void aSmallTurnSweepsNoMoreThanItsEnds() {
        Box box = InkBounds.of(List.of(plate(300, 220, track(Property.ROTATION, -2, 2))));
        assertThat(box.height()).isBetween(40.0, 40 + 2 * 200 * Math.sin(Math.toRadians(2)) + 6);
    }

    @Test
    void theInkIsInsideAtAnyTimeWhateverMoves() {
        Random random = new Random(3);
        for (int round = 0; round < 2000; round++) {
            Mark mark = plate(random.nextInt(600), random.nextInt(400), moves(random));
            if (round % 2 == 0) {
                Mark other = plate(random.nextInt(600), random.nextInt(400), moves(random));
                mark = new Mark.Group(
                        Pose.about(random.nextInt(600), random.nextInt(400)),
                        null,
                        List.of(mark, other),
                        Tracks.of(moves(random)),
                        Tracks.of(moves(random)),
                        List.of(0.0, 300.0));
            }
            Box bounds = InkBounds.of(List.of(mark)).grown(0.1);
            for (double t = 0; t <= 2000; t += 37) {
                Box ink = InkBounds.at(mark, MarkState.of(mark, t), Affine.NONE).grown(-2);
                assertThat(bounds.holds(ink))
                        .as("%s at %s in %s", ink, t, bounds)
                        .isTrue();
            }
        }
    }

    private static NumberTrack[] moves(Random random) {
        List<NumberTrack> tracks = new ArrayList<>();
        for (Property property : Property.values()) {
            if (random.nextBoolean()) {
                double span = property == Property.ROTATION ? 900 : property == Property.SCALE ? 2 : 300;
                tracks.add(track(
                        property,
                        span * random.nextGaussian(),
                        span * random.nextGaussian(),
                        span * random.nextGaussian()));
            }
        }
        return tracks.toArray(NumberTrack[]::new);
    }
}
