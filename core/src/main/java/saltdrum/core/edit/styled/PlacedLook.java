package saltdrum.core.edit.styled;

import java.util.List;
import java.util.function.Supplier;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.BlockPlace;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.Edit;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.plane.Box;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.StyleShelf;

/**
 * A place down as it is kept. An edit gives it in parts of the frame, and may say what it is to be kept as a part of. If it
 * does not, a place in the safe area stays one after it was moved within that. Where only what it is a part of changes, the
 * text stays where it is. Headlines are placed in the frame.
 */
public final class PlacedLook {
    private PlacedLook() {}

    /**
     * The edit, with both. Other edits are returned as they are.
     *
     * @param clip size of the clip's upright picture in pixels
     */
    public static Edit filled(Edit edit, Track track, StyleShelf styles, Supplier<Size> clip) {
        if (!(edit instanceof ChangeLook change)) {
            return edit;
        }
        LookPatch patch = change.look();
        if (patch.get(Facets.Y) == null && patch.get(Facets.WITHIN) == null) {
            return edit;
        }
        if (change.headlineId() != null) {
            return ofHeadline(change);
        }
        Cascade cascade = new Cascade(styles.of(track), track.styling());
        Look present = change.cueIds() == null || change.cueIds().isEmpty()
                ? cascade.ofTrack()
                : cascade.ofCue(
                        track.cues().get(track.indexOfCue(change.cueIds().get(0))));
        Box safe = track.frame().layout(clip.get()).safe();
        return new ChangeLook(
                change.wordIds(), change.cueIds(), change.role(), null, placed(patch, present, safe), change.reset());
    }

    /** The place of a headline is one in the frame. */
    private static Edit ofHeadline(ChangeLook change) {
        if (change.look().get(Facets.WITHIN) == null) {
            return change;
        }
        if (change.look().get(Facets.Y) == null) {
            throw new BadInputException("A headline is placed in the frame. Nothing was changed.");
        }
        LookPatch inFrame = change.look().without(List.of(Facets.WITHIN));
        return new ChangeLook(null, null, null, change.headlineId(), inFrame, change.reset());
    }

    private static LookPatch placed(LookPatch patch, Look present, Box safe) {
        double down = patch.get(Facets.Y) == null ? BlockPlace.down(present, safe) : patch.get(Facets.Y);
        double inside = inside(down, safe);
        Within within = patch.get(Facets.WITHIN);
        if (within == null) {
            within = inside >= 0 && inside <= 1 ? present.get(Facets.WITHIN) : Within.FRAME;
        }
        double y = within == Within.SAFE ? Math.max(0, Math.min(1, inside)) : down;
        return patch.with(Facets.Y, rounded(y)).with(Facets.WITHIN, within);
    }

    private static double inside(double down, Box safe) {
        return (down - safe.y()) / safe.height();
    }

    private static double rounded(double part) {
        return Math.round(part * 1_000_000) / 1_000_000.0;
    }
}
