package saltdrum.core.edit.styled;

import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.FrameEdit.StyleOfPart;
import saltdrum.core.look.Facet;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleShelf;

/** What a part of a track needs to look as another style than its track's. */
public final class StyledPart {
    private StyledPart() {}

    /** The edit, with what it needs of its style. Other edits are returned as they are. */
    public static Edit filled(Edit edit, Track track, StyleShelf styles) {
        return edit instanceof StyleOfPart part ? part.withLook(needed(part, track, styles)) : edit;
    }

    private static LookPatch needed(StyleOfPart part, Track track, StyleShelf styles) {
        Style style = styles.get(part.style());
        Cascade present = new Cascade(styles.of(track), track.styling());
        Look wanted = new Look(style.look());
        if (part.cueIds() != null) {
            return LookDifference.between(wanted, present.ofTrack());
        }
        if (part.headlineId() != null) {
            // A headline has a place of its own.
            return LookDifference.between(wanted, present.ofTrack()).without(List.of(Facets.X, Facets.Y));
        }
        if (part.role() != null) {
            Look emphasised = new Look(style.voice(part.role()).over(style.look()));
            return ofWords(LookDifference.between(emphasised, present.ofTrack()));
        }
        Cue cue = track.cueOfWord(part.wordIds().get(0));
        return ofWords(LookDifference.between(wanted, present.ofCue(cue)));
    }

    private static LookPatch ofWords(LookPatch patch) {
        return patch.without(Facets.ALL.stream()
                .filter(facet -> facet.scope() == Facet.Scope.CUE)
                .toList());
    }
}
