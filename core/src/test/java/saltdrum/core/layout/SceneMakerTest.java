package saltdrum.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static saltdrum.core.layout.Leaves.leaves;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.Json;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;

class SceneMakerTest {
    private static final Size TALL = new Size(1080, 1920);

    private static Scene scene(String style, Recipe recipe, String text) {
        return new SceneMaker(new BlockTypesetter())
                .make(Words.track(recipe, text), new ShippedStyles().get(style), TALL);
    }

    private static List<Mark.Glyphs> runs(Part part) {
        return leaves(part.marks(), Mark.Glyphs.class);
    }

    /** Of all groups around its marks. */
    private static double groupOpacity(Part part, double t) {
        return MarkState.of(part.marks().get(0), t).opacity();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Mallet", "Lantern", "Tidemark"})
    void everyWordIsOneRunAndAllInkLiesInItsBounds(String style) {
        Scene scene = scene(style, Recipe.TWO_LINES, "Sand it first or you will be back");
        for (Part cue : scene.parts()) {
            assertThat(runs(cue)).isNotEmpty();
            for (double t = cue.startMs(); t < cue.endMs(); t += 20) {
                for (Mark mark : cue.marks()) {
                    Box ink = InkBounds.at(mark, MarkState.of(mark, t), Affine.NONE);
                    assertThat(cue.bounds().grown(0.1).holds(ink)).isTrue();
                }
            }
        }
        assertThat(scene.parts().stream().mapToInt(cue -> runs(cue).size()).sum())
                .isEqualTo(8);
    }

    @Test
    void aLineIsCentredInItsPlace() {
        List<Mark.Glyphs> runs =
                runs(scene("Tidemark", Recipe.PHRASE, "row home").parts().get(0));
        double left = runs.get(0).x();
        double right =
                runs.get(1).x() + 2 * (runs.get(1).pose().pivotX() - runs.get(1).x());
        assertThat((left + right) / 2).isCloseTo(540, within(0.5));
    }

    @Test
    void aWordTooLongForItsLineIsShrunkAndNeverBroken() {
        Part cue = scene("Mallet", Recipe.PHRASE, "Donaudampfschifffahrtsgesellschaft")
                .parts()
                .get(0);
        assertThat(cue.fit()).isLessThan(0.9);
        assertThat(runs(cue)).hasSize(1);
        assertThat(cue.bounds().x()).isGreaterThan(0);
        assertThat(cue.bounds().right()).isLessThan(1080);
        assertThat(scene("Mallet", Recipe.PHRASE, "oar").parts().get(0).fit()).isEqualTo(1);
    }

    @Test
    void capitalsAreTheStylesAndTheWordStaysAsItIs() {
        Mark.Glyphs run =
                runs(scene("Mallet", Recipe.PHRASE, "oar").parts().get(0)).get(0);
        assertThat(run.glyphs().stream().map(Mark.PlacedGlyph::glyph)).containsExactly("gO", "gA", "gR");
    }

    @Test
    void aWordThatComesWithItsVoiceIsHiddenBefore() {
        Part cue = scene("Mallet", Recipe.PHRASE, "row on").parts().get(0);
        Mark second = runs(cue).get(1);
        assertThat(MarkState.of(second, 1100).opacity()).isZero();
        assertThat(MarkState.of(second, 1500).opacity()).isEqualTo(1);
        double most = 0;
        for (int t = 1350; t < 1600; t++) {
            most = Math.max(most, MarkState.of(second, t).scale());
        }
        assertThat(most).isBetween(1.06, 1.13);
    }

    @Test
    void aFaintWordIsLitByItsVoiceAndStaysLit() {
        Part cue = scene("Lantern", Recipe.PHRASE, "row on home").parts().get(0);
        Mark last = runs(cue).get(2);
        assertThat(MarkState.of(last, 1400).opacity()).isCloseTo(0.6, within(0.01));
        assertThat(MarkState.of(last, 2000).opacity()).isEqualTo(1);
    }

    @Test
    void theTideRunsOutWithTheWordAndGoesWithIt() {
        Part cue = scene("Tidemark", Recipe.PHRASE, "row on home").parts().get(0);
        Mark sweep = leaves(cue.marks(), Mark.class).get(2);
        assertThat(MarkState.of(sweep, 1390).extent()).isZero();
        assertThat(MarkState.of(sweep, 1690).extent()).isEqualTo(1);
        assertThat(MarkState.of(sweep, 1900).opacity()).isZero();
    }

    @Test
    void touchingCuesLeaveWithoutFading() {
        Track track = Words.track(Recipe.ONE_WORD, "row on");
        Style style = new ShippedStyles().get("Lantern");
        Scene scene = new SceneMaker(new BlockTypesetter()).make(track, style, TALL);
        Part first = scene.parts().get(0);
        assertThat(first.endMs()).isEqualTo(scene.parts().get(1).startMs());
        assertThat(groupOpacity(first, first.endMs() - 1)).isEqualTo(1);
        Part last = scene.parts().get(1);
        assertThat(groupOpacity(last, last.endMs() - 1)).isLessThan(0.1);
    }

    @Test
    void wordsFromRightToLeftStandSo() {
        List<Mark.Glyphs> runs = runs(scene("Tidemark", Recipe.PHRASE, "\u0628\u062d\u0631 \u0642\u0627\u0631\u0628")
                .parts()
                .get(0));
        Mark.Glyphs first =
                runs.stream().filter(r -> r.wordId() == 1).findFirst().orElseThrow();
        Mark.Glyphs second =
                runs.stream().filter(r -> r.wordId() == 2).findFirst().orElseThrow();
        assertThat(first.x()).isGreaterThan(second.x());
    }

    @Test
    void theSameQuestionGivesTheSameScene() {
        assertThat(Json.write(scene("Mallet", Recipe.PHRASE, "row on home")))
                .isEqualTo(Json.write(scene("Mallet", Recipe.PHRASE, "row on home")));
    }

    @Test
    void oneLongWordDoesNotMakeAllTheOthersSmall() {
        List<Part> parts = scene("Mallet", Recipe.ONE_WORD, "Donaudampfschifffahrtsgesellschaft row home")
                .parts();
        assertThat(parts).extracting(part -> part.fit() < 1).containsExactly(true, false, false);
    }

    @Test
    void cuesOfOneTrackHaveOneSize() {
        String word = "Donaudampfschifffahrtsgesellschaft ";
        String wide = word.repeat(3) + "row";
        List<Double> fits = scene("Mallet", Recipe.ONE_WORD, wide).parts().stream()
                .map(Part::fit)
                .toList();
        assertThat(fits.get(3)).as("as most cues, but never below").isEqualTo(0.8);
        assertThat(fits.subList(0, 3)).as("shrunk further").allMatch(fit -> fit < 0.8);
    }
}
