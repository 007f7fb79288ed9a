package saltdrum.core.edit.styled;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.MarkEdit.GiveSpeaker;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.MarkEdit.LookOfSpeaker;
import saltdrum.core.edit.MarkEdit.MergeSpeakers;
import saltdrum.core.edit.MarkEdit.NameSpeakers;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleShelf;

class LockedLooksTest {
    private final StyleShelf styles = new ShippedStyles();
    private final Track track = locked();

    /** The second of three cues is locked, and one word of each of them is emphasised. */
    private static Track locked() {
        Track plain = Words.track(Recipe.PHRASE, "Sand it first. Four coats now. Row home.")
                .withStyle("Mallet");
        List<Long> stressed =
                plain.cues().stream().map(cue -> cue.words().get(1).id()).toList();
        Track marked = new SetEmphasis(stressed, 1).on(plain);
        return new Lock(List.of(marked.cues().get(1).id()), true).on(marked);
    }

    private Track edited(Edit edit) {
        return LockedLooks.kept(track, edit.on(track), styles);
    }

    private List<Look> looks(Track of, int index) {
        Cascade cascade = new Cascade(styles.of(of), of.styling());
        Cue cue = of.cues().get(index);
        return cue.words().stream().map(word -> cascade.ofWord(cue, word)).toList();
    }

    private static void assertSame(List<Look> looks, List<Look> as) {
        assertThat(looks).hasSameSizeAs(as);
        for (int i = 0; i < looks.size(); i++) {
            for (var facet : Facets.ALL) {
                assertThat(looks.get(i).get(facet))
                        .as(facet.label())
                        .isEqualTo(as.get(i).get(facet));
            }
        }
    }

    @Test
    void anotherStyleLeavesEveryFacetOfALockedCueAsItWas() {
        for (Style style : new ShippedStyles().all()) {
            Track after = edited(new Restyle(style.name()));
            assertSame(looks(after, 1), looks(track, 1));
            assertThat(after.cues().get(0)).isEqualTo(track.cues().get(0));
        }
        assertThat(looks(edited(new Restyle("Lantern")), 0)).isNotEqualTo(looks(track, 0));
    }

    @Test
    void soDoesAChangeOfTheTrackOrOfARole() {
        LookPatch red = LookPatch.of(Facets.SIZE, 150d);
        assertSame(looks(edited(ChangeLook.ofTrack(red)), 1), looks(track, 1));
        LookPatch tilted = LookPatch.of(Facets.TILT, 9d);
        Track after = edited(new ChangeLook(null, null, 1, null, tilted, null));
        assertSame(looks(after, 1), looks(track, 1));
        assertThat(looks(after, 0).get(1).get(Facets.TILT)).isEqualTo(9);
    }

    @Test
    void onlyWhatWouldChangeIsWrittenIntoTheCue() {
        Track after = edited(ChangeLook.ofTrack(LookPatch.of(Facets.SIZE, 150d)));
        assertThat(after.cues().get(1).look().facets()).containsExactly(Facets.SIZE);
    }

    @Test
    void theHistorySaysThatLockedCuesStay() {
        assertThat(new Restyle("Lantern").said(track)).isEqualTo("Style Lantern, without 1 locked cue");
        assertThat(ChangeLook.ofTrack(LookPatch.of(Facets.SIZE, 150d)).said(track))
                .isEqualTo("Size of the track, without 1 locked cue");
    }

    /** Speakers after one that is merged move up; the look of a locked cue went with the number. */
    @Test
    void aLockedCueLooksAsBeforeWhenSpeakersAreMerged() {
        Track open = new Lock(List.of(track.cues().get(1).id()), false).on(track);
        Track two = new NameSpeakers(List.of("Wren", "Thorvald")).on(open);
        List<Long> second =
                two.cues().get(1).words().stream().map(word -> word.id()).toList();
        Track given = new GiveSpeaker(second, 2).on(two);
        Track red = new LookOfSpeaker(1, LookPatch.of(Facets.FILL, Ink.of("#a3371b")), null).on(given);
        Track gold = new LookOfSpeaker(2, LookPatch.of(Facets.FILL, Ink.of("#ffd479")), null).on(red);
        for (Track coloured : List.of(red, gold)) {
            Track locked = new Lock(List.of(coloured.cues().get(1).id()), true).on(coloured);
            for (Edit edit :
                    List.of(new MergeSpeakers(1, 2), new MergeSpeakers(2, 1), new NameSpeakers(List.of("Wren")))) {
                Track after = LockedLooks.kept(locked, edit.on(locked), styles);
                assertSame(looks(after, 1), looks(locked, 1));
            }
        }
    }
}
