package saltdrum.core.edit.fitted;

import static org.assertj.core.api.Assertions.assertThat;
import static saltdrum.core.Words.texts;
import static saltdrum.core.Words.track;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueOverrides;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.FrameEdit.Reframe;
import saltdrum.core.edit.ImportEdit.BringInCues;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.layout.BlockTypesetter;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.scene.Part;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;

class FittedBreaksTest {
    private static final Size CLIP = new Size(1080, 1920);
    private static final String TEXT = "Sand it first or you will be back by Friday and sand it again";
    private static final LookPatch LARGE = LookPatch.of(Facets.SIZE, 88d);

    private final SceneMaker scenes = new SceneMaker(new BlockTypesetter());
    private final Style style = new ShippedStyles().get("Footnote");
    private final Track small =
            track(Recipe.PHRASE, TEXT).withStyle(style.name()).withLength(9000);

    private Track done(Track track, Edit edit) {
        return followed(track, edit.on(track), edit);
    }

    private Track followed(Track before, Track after, Edit edit) {
        return FittedBreaks.followed(before, after, edit, CLIP, one -> scenes.measure(one, style, CLIP));
    }

    private List<Double> fits(Track track) {
        return scenes.make(track, style, CLIP).parts().stream().map(Part::fit).toList();
    }

    @Test
    void largerLettersHaveMoreCuesAndNoneIsShrunk() {
        Track large = done(small, ChangeLook.ofTrack(LARGE));
        assertThat(large.cues()).hasSizeGreaterThan(small.cues().size());
        assertThat(fits(large)).containsOnly(1.0);
        assertThat(fits(ChangeLook.ofTrack(LARGE).on(small))).anyMatch(fit -> fit < 1);
        Track again = done(large, new ChangeLook(null, null, null, null, null, List.of("size")));
        assertThat(texts(again)).isEqualTo(texts(small));
    }

    @Test
    void veryLargeLettersTakeTwoLinesForAPhrase() {
        Track huge = done(small, ChangeLook.ofTrack(LookPatch.of(Facets.SIZE, 120d)));
        assertThat(huge.cues()).anyMatch(cue -> cue.lineStarts().size() == 1);
        assertThat(huge.cues()).allMatch(cue -> cue.lineStarts().size() <= 1);
    }

    @Test
    void aWideFrameTakesLongerLines() {
        Track wide = done(small, new Reframe(Frame.OWN.shaped(Frame.Aspect.WIDE)));
        assertThat(wide.cues()).hasSizeLessThan(small.cues().size());
        assertThat(wide.cues()).allMatch(cue -> cue.text().length() <= 40);
    }

    @Test
    void cuesThatComeOutAsTheyWereStayTheSame() {
        Track red = done(small, ChangeLook.ofTrack(LookPatch.of(Facets.TILT, 1d)));
        assertThat(red.cues()).isEqualTo(small.cues());
    }

    @Test
    void breaksAndTimesByHandAndLockedCuesStay() {
        Track split = new SplitCue(small.cues().get(1).words().get(1).id()).on(small);
        long word = split.cues().get(2).words().get(0).id();
        Track large = done(split, ChangeLook.ofTrack(LARGE));
        assertThat(large.cues().stream().map(cue -> cue.words().get(0).id())).contains(word);

        Cue first = small.cues().get(0);
        Track locked = new Lock(List.of(first.id()), true).on(small);
        assertThat(done(locked, ChangeLook.ofTrack(LARGE)).cues().get(0))
                .isEqualTo(locked.cues().get(0));

        Cue timed = first.withGiven(new CueOverrides(900, null, null));
        Track given = small.withCues(
                java.util.stream.Stream.concat(
                                java.util.stream.Stream.of(timed),
                                small.cues().stream().skip(1))
                        .toList(),
                small.nextId());
        assertThat(done(given, ChangeLook.ofTrack(LARGE)).cues().get(0)).satisfies(cue -> {
            assertThat(cue.given()).isEqualTo(timed.given());
            assertThat(cue.words()).isEqualTo(timed.words());
        });
    }

    @Test
    void theCuesOfAFileStayAndGetLinesThatFit() {
        Cue all = new Cue(1, small.words().toList(), List.of(), false);
        BringInCues bring = new BringInCues("en", List.of(all), null);
        Track brought = done(
                Track.empty("en", style.name())
                        .withLength(9000)
                        .withStyling(small.styling().withAll(LookPatch.of(Facets.SIZE, 70d))),
                bring);
        assertThat(brought.cues()).hasSize(1);
        assertThat(brought.recipe().fitted()).isFalse();
        assertThat(brought.cues().get(0).lineStarts()).hasSizeGreaterThan(1);
        assertThat(fits(brought)).containsOnly(1.0);
        assertThat(done(brought, new Rebreak(Recipe.PHRASE, false)).cues())
                .as("a recipe that is chosen breaks them")
                .hasSizeGreaterThan(2);
    }

    @Test
    void wordsThatComeInAreBrokenToFitAndWhatIsTypedStaysOneCue() {
        Track empty = Track.empty("en", style.name())
                .withLength(9000)
                .withStyling(small.styling().withAll(LARGE));
        Track came = followed(empty, empty.withWords(small.words().toList()), null);
        assertThat(fits(came)).containsOnly(1.0);
        Cue first = came.cues().get(0);
        RetypeCue retype = new RetypeCue(first.id(), "Sand it twice and once again");
        Track typed = done(came, retype);
        assertThat(typed.cues()).hasSameSizeAs(came.cues());
        assertThat(typed.cues().get(0).lineStarts()).as("in lines that fit").isNotEmpty();
    }

    @Test
    void othersEditsBreakNothing() {
        Track plain = small.withRecipe(Recipe.PHRASE);
        long word = plain.cues().get(0).words().get(0).id();
        Edit emphasis = new SetEmphasis(List.of(word), 1);
        assertThat(done(plain, emphasis)).isEqualTo(emphasis.on(plain));
        Track unfitted = plain.withRecipe(Recipe.PHRASE.asFitted(false));
        Track large = done(unfitted, ChangeLook.ofTrack(LARGE));
        assertThat(texts(large)).as("by a recipe that only counts").isEqualTo(texts(unfitted));
    }

    @Test
    void linesThatAPersonJoinsStayInOneLineEvenIfItIsTooLong() {
        Track large = done(small, ChangeLook.ofTrack(LookPatch.of(Facets.SIZE, 120d)));
        Cue two = large.cues().stream()
                .filter(cue -> !cue.lineStarts().isEmpty())
                .findFirst()
                .orElseThrow();
        Track typed = done(large, new RetypeCue(two.id(), two.text().replace('\n', ' '), true));
        assertThat(typed.cues().get(typed.indexOfCue(two.id())).lineStarts()).isEmpty();
        long second = two.words().get(two.lineStarts().get(0)).id();
        Track joined = done(large, new BreakLine(second, false));
        assertThat(joined.cues().get(joined.indexOfCue(two.id())).lineStarts()).isEmpty();
    }
}
