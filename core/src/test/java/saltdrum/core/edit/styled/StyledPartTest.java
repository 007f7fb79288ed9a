package saltdrum.core.edit.styled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.FrameEdit.StyleOfPart;
import saltdrum.core.look.Facet;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleShelf;

class StyledPartTest {
    private final StyleShelf styles = new ShippedStyles();
    private final Track track = ChangeLook.ofTrack(LookPatch.of(Facets.TILT, 3d))
            .on(Words.track(Recipe.PHRASE, "Sand it first. Four coats now. Row home.")
                    .withStyle("Mallet"));
    private final long cue = track.cues().get(1).id();
    private final long word = track.cues().get(0).words().get(0).id();

    private Track edited(Edit edit) {
        return StyledPart.filled(edit, track, styles).on(track);
    }

    private static StyleOfPart ofCues(List<Long> cues, String style) {
        return new StyleOfPart(null, cues, null, null, style, null);
    }

    @Test
    void cuesLookAsTheStyleDoesAndTheOthersStay() {
        for (Style style : styles.all()) {
            Track after = edited(ofCues(List.of(cue), style.name()));
            Cascade cascade = new Cascade(styles.of(after), after.styling());
            Look look = cascade.ofCue(after.cues().get(1));
            for (Facet<?> facet : Facets.ALL) {
                assertThat(look.get(facet))
                        .as(style.name() + ", " + facet.label())
                        .isEqualTo(new Look(style.look()).get(facet));
            }
            assertThat(after.cues().get(0)).isEqualTo(track.cues().get(0));
            assertThat(after.styling()).isEqualTo(track.styling());
        }
    }

    @Test
    void aSecondStyleReplacesTheFirst() {
        Track chalk = edited(ofCues(List.of(cue), "Chalk"));
        Track both = StyledPart.filled(ofCues(List.of(cue), "Lantern"), chalk, styles)
                .on(chalk);
        assertThat(both).isEqualTo(edited(ofCues(List.of(cue), "Lantern")));
    }

    @Test
    void aWordTakesWhatAWordCanHave() {
        Track after = edited(new StyleOfPart(List.of(word), null, null, null, "Lantern", null));
        LookPatch own = after.words().findFirst().orElseThrow().look();
        assertThat(own.facets()).isNotEmpty().noneMatch(facet -> facet.scope() == Facet.Scope.CUE);
        assertThat(edited(new StyleOfPart(null, null, 1, null, "Lantern", null))
                        .styling()
                        .role(1)
                        .isEmpty())
                .isFalse();
    }

    @Test
    void theHistorySaysTheStyleAndThePart() {
        assertThat(ofCues(List.of(cue), "Lantern").said(track)).isEqualTo("Style Lantern for 1 cue");
        assertThatThrownBy(() -> new StyleOfPart(null, null, null, null, "Lantern", null))
                .isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new StyleOfPart(List.of(), null, null, null, "Lantern", null))
                .isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> ofCues(List.of(cue), "Lantern").on(track)).isInstanceOf(BadInputException.class);
    }
}
