package saltdrum.core.edit.styled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.cue.BlockPlace;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.OverlayEdit.PutHeadline;
import saltdrum.core.layout.HeadlineCue;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.ShippedStyles;

class PlacedLookTest {
    private static final Size CLIP = new Size(1080, 1920);
    private static final ShippedStyles STYLES = new ShippedStyles();

    /** In a style whose place is in the safe area. */
    private final Track track = Words.track(Recipe.PHRASE, "Three coats thin as tea");

    private static Track changed(Track track, LookPatch patch) {
        return PlacedLook.filled(ChangeLook.ofTrack(patch), track, STYLES, () -> CLIP)
                .on(track);
    }

    private static Look look(Track track) {
        return new Cascade(STYLES.of(track), track.styling()).ofTrack();
    }

    private static double down(Track track) {
        return BlockPlace.down(look(track), track.frame().layout(CLIP).safe());
    }

    @Test
    void aPlaceThatIsMovedWithinTheSafeAreaStaysOneInIt() {
        Track moved = changed(track, LookPatch.of(Facets.Y, 0.45));
        assertThat(look(moved).get(Facets.WITHIN)).isEqualTo(Within.SAFE);
        assertThat(look(moved).get(Facets.Y)).isCloseTo(0.5, within(1e-4));
        assertThat(down(moved)).isCloseTo(0.45, within(1e-4));
    }

    @Test
    void movedOutOfItItIsOneInTheFrame() {
        Track moved = changed(track, LookPatch.of(Facets.Y, 0.92));
        assertThat(look(moved).get(Facets.WITHIN)).isEqualTo(Within.FRAME);
        assertThat(down(moved)).isEqualTo(0.92);
    }

    @Test
    void onlyWhatItIsAPartOfChangesAndTheTextStays() {
        double before = down(track);
        Track inFrame = changed(track, LookPatch.of(Facets.WITHIN, Within.FRAME));
        assertThat(look(inFrame).get(Facets.WITHIN)).isEqualTo(Within.FRAME);
        assertThat(down(inFrame)).isCloseTo(before, within(1e-4));
        Track back = changed(inFrame, LookPatch.of(Facets.WITHIN, Within.SAFE));
        assertThat(look(back).get(Facets.WITHIN)).isEqualTo(Within.SAFE);
        assertThat(down(back)).isCloseTo(before, within(1e-4));
    }

    @Test
    void placesOfBeforeAreInTheFrame() {
        LookPatch old = LookPatch.of(Facets.Y, 0.3);
        Track stored = track.withStyling(track.styling().withAll(old));
        assertThat(look(stored).get(Facets.WITHIN)).isEqualTo(Within.FRAME);
        assertThat(down(stored)).isEqualTo(0.3);
        assertThat(old.over(LookPatch.of(Facets.WITHIN, Within.SAFE)).get(Facets.WITHIN))
                .isNull();
    }

    @Test
    void aHeadlineIsPlacedInTheFrame() {
        Track titled = new PutHeadline(null, "Low tide", null, null, Headline.Place.OVER).on(track);
        long id = titled.beside().headlines().get(0).id();
        LookPatch corner = LookPatch.of(Facets.Y, 0.3).with(Facets.WITHIN, Within.SAFE);
        Track moved = PlacedLook.filled(new ChangeLook(null, null, null, id, corner, null), titled, STYLES, () -> CLIP)
                .on(titled);
        Headline headline = moved.beside().headline(id);
        assertThat(headline.look().get(Facets.WITHIN)).isNull();
        Look seen = new Cascade(STYLES.of(moved), moved.styling())
                .ofCue(HeadlineCue.of(headline, moved.frame().layout(CLIP), 9000));
        assertThat(BlockPlace.down(seen, moved.frame().layout(CLIP).safe())).isEqualTo(0.3);
    }
}
