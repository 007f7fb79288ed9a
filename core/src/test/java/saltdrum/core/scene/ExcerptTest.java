package saltdrum.core.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark.Glyphs;
import saltdrum.core.scene.Mark.PlacedGlyph;
import saltdrum.core.track.Tracks;

class ExcerptTest {
    private static final Box BOUNDS = new Box(0, 0, 100, 100);

    private static Part part(long cue, int from, int to, String glyph) {
        Glyphs word = new Glyphs(
                cue * 10,
                0,
                0,
                50,
                Pose.about(0, 0),
                List.of(new PlacedGlyph(glyph, 0, 0)),
                List.of(),
                BOUNDS,
                Tracks.NONE);
        return new Part(
                cue, from, to, 0, BOUNDS, 1, List.of(Mark.Group.of(Pose.about(0, 0), List.of(word), Tracks.NONE)));
    }

    private static Scene scene(Part... parts) {
        return new Scene(1080, 1920, Map.of("a", "M0 0L1 1", "b", "M0 0L2 2"), Map.of(), List.of(parts));
    }

    private static String digest(Scene scene, double from, double to) {
        return Excerpt.digest(Excerpt.of(scene, from, to));
    }

    @Test
    void onlyWhatCanBeSeenIsInIt() {
        Scene scene = scene(part(1, 0, 1000, "a"), part(2, 1000, 2000, "b"));
        Scene late = Excerpt.of(scene, 1000, 3000);
        assertThat(late.parts()).extracting(Part::cueId).containsExactly(2L);
        assertThat(late.glyphs()).containsOnlyKeys("b");
        assertThat(Excerpt.of(scene, 999.9, 1000).parts()).hasSize(1);
        assertThat(Excerpt.of(scene, 2000, 3000).parts()).isEmpty();
    }

    @Test
    void theDigestTellsWhatIsPaintedAndNothingElse() {
        Scene before = scene(part(1, 0, 1000, "a"), part(2, 1000, 2000, "b"));
        assertThat(digest(scene(part(1, 0, 900, "b"), part(9, 1000, 2000, "b")), 1000, 2000))
                .as("another number and another neighbour")
                .isEqualTo(digest(before, 1000, 2000));
        assertThat(digest(scene(part(2, 1000, 2000, "a")), 1000, 2000)).isNotEqualTo(digest(before, 1000, 2000));
        assertThat(digest(scene(part(2, 1001, 2000, "b")), 1000, 2000)).isNotEqualTo(digest(before, 1000, 2000));
        Scene otherFont = new Scene(1080, 1920, Map.of("b", "M0 0L3 3"), Map.of(), before.parts());
        assertThat(digest(otherFont, 1000, 2000)).isNotEqualTo(digest(before, 1000, 2000));
        assertThat(digest(before, 5000, 6000)).as("nothing").isEqualTo(digest(scene(), 5000, 6000));
    }
}
