package saltdrum.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Pose;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;

class ScenePartCacheTest {
    private static final Box BOX = new Box(0, 0, 10, 10);

    private static Part part(int letters) {
        Tracks moving = Tracks.of(NumberTrack.of(
                Property.OPACITY, new Keyframe(0, 0, Easing.LINEAR), new Keyframe(100, 1, Easing.LINEAR)));
        List<Mark> marks = IntStream.range(0, letters)
                .mapToObj(i -> (Mark) Mark.Group.of(Pose.about(0, 0), List.of(), moving))
                .toList();
        return new Part(1, 0, 1000, 0, BOX, 1, marks);
    }

    @Test
    void whatIsKeptIsTheSameObject() {
        ScenePartCache<Integer> kept = new ScenePartCache<>(100_000);
        Part first = kept.get(1, key -> part(3));
        assertThat(kept.get(1, key -> part(3))).isSameAs(first);
    }

    @Test
    void largeOnesPushOutMoreThanSmallOnes() {
        long most = 50 * ScenePartCache.bytes(part(1));
        ScenePartCache<Integer> kept = new ScenePartCache<>(most);
        for (int i = 0; i < 50; i++) {
            kept.get(i, key -> part(1));
        }
        assertThat(kept.size()).isEqualTo(50);
        Part used = kept.get(0, key -> part(1));
        kept.get(100, key -> part(40));
        assertThat(kept.size()).isBetween(10, 35);
        assertThat(kept.get(0, key -> part(1))).as("used last").isSameAs(used);
    }

    @Test
    void oneThatIsTooLargeIsKeptAlone() {
        ScenePartCache<Integer> kept = new ScenePartCache<>(1_000);
        kept.get(1, key -> part(1));
        Part large = kept.get(2, key -> part(100));
        assertThat(kept.size()).isOne();
        assertThat(kept.get(2, key -> part(100))).isSameAs(large);
    }
}
