package saltdrum.core.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static saltdrum.core.Words.word;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;

class CueTimeTest {
    private static final Recipe RECIPE = new Recipe("test", 22, 1, 1, 4000, 0, 5000, 300, 250, 40);

    private static List<CueTime> times(int... edges) {
        List<Cue> cues = new java.util.ArrayList<>();
        for (int i = 0; i < edges.length; i += 2) {
            cues.add(new Cue(i + 1, List.of(word(i + 100, "oar", edges[i], edges[i + 1])), List.of(), false));
        }
        return CueTime.of(new Track("en", RECIPE, "Mallet", Frame.OWN, cues, 1000));
    }

    @Test
    void aCueLeadsItsWordAndIsHeldAfterIt() {
        assertThat(times(1000, 1400)).containsExactly(new CueTime(960, 1650));
    }

    @Test
    void aShortGapIsBridged() {
        assertThat(times(1000, 1400, 1600, 2000)).containsExactly(new CueTime(960, 1560), new CueTime(1560, 2250));
    }

    /** After hold and bridge, 10 to 110 ms of nothing were left between two cues. */
    @Test
    void aGapThatWouldFlashIsClosed() {
        for (int next = 1700; next <= 2100; next += 10) {
            List<CueTime> times = times(1000, 1400, next, next + 400);
            int gap = times.get(1).showMs() - times.get(0).hideMs();
            assertThat(gap)
                    .as("next word at %d", next)
                    .satisfiesAnyOf(left -> assertThat(left).isZero(), left -> assertThat(left)
                            .isGreaterThanOrEqualTo(CueTime.SHORTEST_GAP_MS));
        }
    }

    @Test
    void aLongGapIsARest() {
        assertThat(times(1000, 1400, 2400, 2600)).containsExactly(new CueTime(960, 1650), new CueTime(2360, 2850));
    }

    @Test
    void leadInNeverReachesIntoTheCueBefore() {
        assertThat(times(1000, 1400, 1410, 1800)).containsExactly(new CueTime(960, 1400), new CueTime(1400, 2050));
        assertThat(times(10, 400).get(0).showMs()).isZero();
    }

    @Test
    void wordsCannotOverlap() {
        assertThatThrownBy(() -> times(1000, 1400, 1300, 1800))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("1300");
    }

    @Test
    void recipesAreReadByNameAndByKeys() {
        assertThat(Recipe.parse("two-lines")).isEqualTo(Recipe.TWO_LINES);
        Recipe own = Recipe.parse("lineCharacters=7, words=2");
        assertThat(own.lineCharacters()).isEqualTo(7);
        assertThat(own.words()).isEqualTo(2);
        assertThat(own.pauseMs()).isEqualTo(Recipe.PHRASE.pauseMs());
        assertThatThrownBy(() -> Recipe.parse("lineCharacters=many")).hasMessageContaining("many");
        assertThatThrownBy(() -> Recipe.parse("colour=3")).hasMessageContaining("colour");
        assertThatThrownBy(() -> Recipe.parse("sonnet")).hasMessageContaining("phrase");
    }

    @Test
    void framesTakeTheClipsShortSideAndAreEven() {
        Size wide = new Size(1920, 1080);
        assertThat(Frame.parse("9:16").output(wide)).isEqualTo(new Size(1080, 1920));
        assertThat(Frame.parse("1:1,fit").output(wide)).isEqualTo(new Size(1080, 1080));
        assertThat(Frame.OWN.output(new Size(1079, 1919))).isEqualTo(new Size(1078, 1918));
        assertThat(new Size(720, 1280).design()).isEqualTo(new Size(1080, 1920));
        assertThatThrownBy(() -> Frame.parse("2:3")).hasMessageContaining("9:16");
    }
}
