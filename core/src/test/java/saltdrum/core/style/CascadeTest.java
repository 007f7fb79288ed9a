package saltdrum.core.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.Styling;
import saltdrum.core.style.Cascade.Origin;

class CascadeTest {
    private static final Style STYLE = new Style(
            "Plain chant",
            null,
            LookPatch.of(Facets.SIZE, 80d).with(Facets.FILL, Ink.of("#111111")),
            List.of(new Voice("loud", LookPatch.of(Facets.FILL, Ink.of("#ff0000")))));
    private static final LookPatch TRACK = LookPatch.of(Facets.FILL, Ink.of("#222222"));
    private static final LookPatch CUE = LookPatch.of(Facets.FILL, Ink.of("#333333"));
    private static final LookPatch ROLE = LookPatch.of(Facets.TILT, 5d);
    private static final LookPatch WORD = LookPatch.of(Facets.FILL, Ink.of("#444444"));

    private static String fill(Cascade cascade, Cue cue, int word) {
        return cascade.ofWord(cue, cue.words().get(word)).get(Facets.FILL).colour();
    }

    @Test
    void theNearestWordWins() {
        var track = Words.track(Recipe.TWO_LINES, "row it home");
        List<Long> ids = track.words().map(word -> word.id()).toList();
        assertThat(fill(new Cascade(STYLE, Styling.PLAIN), track.cues().get(0), 0))
                .isEqualTo("#111111");
        track = ChangeLook.ofTrack(TRACK).on(track);
        assertThat(fill(new Cascade(STYLE, track.styling()), track.cues().get(0), 0))
                .isEqualTo("#222222");
        track = ChangeLook.ofCues(List.of(track.cues().get(0).id()), CUE).on(track);
        assertThat(fill(new Cascade(STYLE, track.styling()), track.cues().get(0), 0))
                .isEqualTo("#333333");
        track = new SetEmphasis(List.of(ids.get(1)), 1).on(track);
        Cue cue = track.cues().get(0);
        assertThat(fill(new Cascade(STYLE, track.styling()), cue, 1)).isEqualTo("#ff0000");
        assertThat(fill(new Cascade(STYLE, track.styling()), cue, 0)).isEqualTo("#333333");
        track = ChangeLook.ofWords(List.of(ids.get(1)), WORD).on(track);
        assertThat(fill(new Cascade(STYLE, track.styling()), track.cues().get(0), 1))
                .isEqualTo("#444444");
    }

    @Test
    void whereAValueComesFromIsKnown() {
        var track = Words.track(Recipe.TWO_LINES, "row it home");
        long word = track.words().findFirst().orElseThrow().id();
        track = new SetEmphasis(List.of(word), 1).on(ChangeLook.ofTrack(TRACK).on(track));
        track = new ChangeLook(null, null, 1, null, ROLE, null).on(track);
        Cue cue = track.cues().get(0);
        var layers = new Cascade(STYLE, track.styling()).layers(cue, cue.words().get(0));
        assertThat(Cascade.origin(layers, Facets.SIZE)).isEqualTo(Origin.STYLE);
        assertThat(Cascade.origin(layers, Facets.FILL)).isEqualTo(Origin.STYLE_ROLE);
        assertThat(Cascade.origin(layers, Facets.TILT)).isEqualTo(Origin.TRACK_ROLE);
        assertThat(Cascade.origin(layers, Facets.OPACITY)).isEqualTo(Origin.REST);
    }

    @Test
    void aRoleThatTheStyleDoesNotNameTakesTheNearest() {
        assertThat(STYLE.voice(4)).isEqualTo(STYLE.voice(1));
        assertThat(STYLE.voice(0)).isSameAs(LookPatch.NONE);
    }

    @Test
    void aSettledStyleLooksAsTheTrackDid() {
        Styling styling = new Styling(0, TRACK, List.of(ROLE, WORD));
        Style settled = Cascade.settled(STYLE, styling);
        assertThat(settled.look().get(Facets.FILL)).isEqualTo(Ink.of("#222222"));
        assertThat(settled.look().get(Facets.SIZE)).isEqualTo(80);
        assertThat(settled.emphasis()).hasSize(2);
        assertThat(settled.voice(1)).isEqualTo(ROLE.over(STYLE.voice(1)));
        assertThat(settled.voice(2)).isEqualTo(WORD.over(STYLE.voice(1)));
    }
}
