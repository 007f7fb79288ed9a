package saltdrum.core.check.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Checked;
import saltdrum.core.check.Finding;
import saltdrum.core.check.Remedy;
import saltdrum.core.check.light.EdgeContrast;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.look.Backing;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.TextOutline;
import saltdrum.core.look.TextShadow;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.StaggerOrder;
import saltdrum.core.motion.Transition;
import saltdrum.core.motion.TransitionEffect;
import saltdrum.core.paint.GradientStop;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.scene.Part;
import saltdrum.core.word.Word;

class ContrastCheckTest {
    private static final LookPatch BARE = LookPatch.of(Facets.FILL, Ink.of("#ffffff"))
            .with(Facets.OUTLINES, List.of())
            .with(Facets.SHADOWS, List.of())
            .with(Facets.PLATES, List.of())
            .with(Facets.SPOKEN, List.of())
            .with(Facets.ENTRANCE, Transition.NONE)
            .with(Facets.EXIT, Transition.NONE);

    private final Track bare = look(
            Words.track(Recipe.PHRASE, "Sand the plank.").withStyle("Lantern").withLength(8000), BARE);

    private static Track look(Track track, LookPatch patch) {
        return ChangeLook.ofTrack(patch).on(track);
    }

    private static double ratio(Track track, FramedLight light) {
        Part part = Checked.part(track, track.cues().get(0).id());
        return EdgeContrast.of(part, 1080, 1920, light).ratio();
    }

    /** WCAG 2.2, “contrast ratio”: 21 for black and white; #767676 is the lightest grey with 4.5 on white (G18). */
    @Test
    void worthsOfTheStandard() {
        assertThat(ratio(bare, Checked.grey(bare, 0))).isCloseTo(21, within(0.01));
        assertThat(ratio(bare, Checked.grey(bare, 0x76))).isCloseTo(4.54, within(0.01));
        assertThat(ratio(bare, Checked.grey(bare, 0x77))).isCloseTo(4.48, within(0.01));
        assertThat(ratio(bare, Checked.grey(bare, 255))).isCloseTo(1, within(0.01));
    }

    @Test
    void outlinesPlatesAndShadowsCountAsPainted() {
        FramedLight white = Checked.grey(bare, 255);
        Track outlined = look(bare, LookPatch.of(Facets.OUTLINES, List.of(new TextOutline(0.06, Ink.of("#000000")))));
        assertThat(ratio(outlined, white)).isCloseTo(21, within(0.01));
        Track hair = look(bare, LookPatch.of(Facets.OUTLINES, List.of(new TextOutline(0.005, Ink.of("#000000")))));
        assertThat(ratio(hair, white)).as("half a pixel is no edge").isCloseTo(1, within(0.01));
        Backing half =
                new Backing(Backing.Behind.LINE, Backing.Form.BOX, 0.3, 0.3, 0, Ink.of("#000000"), null, null, 0.5);
        assertThat(ratio(look(bare, LookPatch.of(Facets.PLATES, List.of(half))), white))
                .as("half black over white is #808080")
                .isCloseTo(3.98, within(0.05));
        TextShadow.Soft shadow = new TextShadow.Soft("#000000", 0, 0.04, 0.08, 0);
        double shaded = ratio(look(bare, LookPatch.of(Facets.SHADOWS, List.of(shadow))), white);
        assertThat(shaded).isBetween(1.2, 3.5);
    }

    @Test
    void aWordIsWhatAllItsMarksShowTogether() {
        FramedLight white = Checked.grey(bare, 255);
        Ink each = new Ink.Blend(
                Ink.Across.LETTER, false, 90, List.of(new GradientStop(0, "#fff8d0"), new GradientStop(1, "#ffffff")));
        LookPatch apart = LookPatch.of(Facets.FILL, each)
                .with(Facets.OUTLINES, List.of(new TextOutline(0.06, Ink.of("#000000"))));
        assertThat(ratio(look(bare, apart), white))
                .as("outlines and letters are marks of their own")
                .isGreaterThan(15);
        Backing torn =
                new Backing(Backing.Behind.LINE, Backing.Form.TORN, 0.3, 0.3, 0, Ink.of("#000000"), null, null, 1);
        assertThat(ratio(look(bare, LookPatch.of(Facets.PLATES, List.of(torn))), white))
                .isCloseTo(21, within(0.01));
    }

    @Test
    void aWordThatComesWithTheVoiceIsMeasuredWhenItIsThere() {
        FramedLight black = Checked.grey(bare, 0);
        Transition slow = Transition.of(TransitionEffect.FADE, MotionUnit.WORD, StaggerOrder.VOICE, 240);
        assertThat(ratio(look(bare, LookPatch.of(Facets.ENTRANCE, slow)), black))
                .isGreaterThan(18);
    }

    /** Painted as a whole and then mixed: white letters of half their strength in a black ring, over white. */
    @Test
    void aWordThatIsHalfThereIsHalfOfWhatItIs() {
        LookPatch half = LookPatch.of(Facets.OUTLINES, List.of(new TextOutline(0.06, Ink.of("#000000"))))
                .with(Facets.OPACITY, 0.5);
        assertThat(ratio(look(bare, half), Checked.grey(bare, 255))).isCloseTo(3.98, within(0.05));
    }

    @Test
    void aShadowLiesBesideAStrokeAsAGaussianSpreadsIt() {
        assertThat(EdgeContrast.normal(1.96)).isCloseTo(0.9750, within(1e-4));
        PaintLayer.Shadow hard = new PaintLayer.Shadow("#000000", 0, 0, 0, 6);
        assertThat(EdgeContrast.coverage(hard, 12)).isEqualTo(1);
        PaintLayer.Shadow soft = new PaintLayer.Shadow("#000000", 0, 0, 10, 0);
        assertThat(EdgeContrast.coverage(soft, 1e6))
                .as("three pixels beside an endless edge")
                .isCloseTo(1 - EdgeContrast.normal(0.3), within(1e-6));
    }

    @Test
    void theWorstMomentIsNamedAndTheRemediesHold() {
        // Dark but for a second in the middle of the cue.
        byte[] light = new byte[40];
        for (int i = 6; i <= 7; i++) {
            light[i] = (byte) 250;
        }
        LightSamples samples = new LightSamples(1, 1, 250, 40, ByteBuffer.wrap(light));
        FramedLight picture =
                new FramedLight(samples, null, bare.frame(), bare.frame().layout(Checked.CLIP));
        List<Finding> found = Checked.findings(bare, CheckKind.CONTRAST, subject -> subject.light(picture));
        assertThat(found).singleElement().satisfies(finding -> {
            assertThat(finding.spot().ms()).isBetween(1500, 1750);
            assertThat(finding.measured()).isCloseTo(1.05, within(0.03));
            assertThat(finding.remedies()).extracting(Remedy::said).contains("An outline", "A plate");
            assertThat(finding.remedies()).allSatisfy(remedy -> {
                Track mended = remedy.edit().on(bare);
                assertThat(ratio(mended, picture)).isCloseTo(remedy.measured(), within(0.01));
                assertThat(remedy.measured()).isGreaterThanOrEqualTo(3);
            });
        });
        assertThat(Checked.findings(bare, CheckKind.CONTRAST, subject -> subject.light(Checked.grey(bare, 60))))
                .isEmpty();
    }

    /** WCAG 2.2, success criterion 2.3.1: three flashes a second are allowed, four are not. */
    @Test
    void lettersThatFlash() {
        assertThat(Checked.findings(blinking(230), CheckKind.FLASHING))
                .isNotEmpty()
                .allSatisfy(finding -> assertThat(Checked.findings(
                                finding.remedies().get(0).edit().on(blinking(400)), CheckKind.FLASHING))
                        .isEmpty());
        assertThat(Checked.findings(blinking(400), CheckKind.FLASHING)).isEmpty();
        assertThat(Checked.findings(
                        Words.track(Recipe.ONE_WORD, "Row row row row row row").withLength(9000), CheckKind.FLASHING))
                .as("words that give way to each other without a gap")
                .isEmpty();
    }

    /** A word every so often, which fades in and out; the recipe closes shorter gaps. */
    private static Track blinking(int everyMs) {
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            words.add(Words.word(1 + i, "Row", 1000 + i * everyMs, 1000 + i * everyMs + everyMs - 130));
        }
        Recipe recipe = Recipe.parse("one word,holdMs=0,bridgeMs=0,leadInMs=0,shortestMs=0");
        Transition fade = Transition.of(TransitionEffect.FADE, MotionUnit.CUE, StaggerOrder.FORWARD, 40);
        return look(
                Track.of("en", recipe, "Mallet", words).withLength(9000),
                BARE.with(Facets.SIZE, 400d).with(Facets.ENTRANCE, fade).with(Facets.EXIT, fade));
    }
}
