package saltdrum.server.store.track;

import org.springframework.stereotype.Component;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.fitted.FittedBreaks;
import saltdrum.core.edit.styled.LockedLooks;
import saltdrum.core.edit.styled.PlacedLook;
import saltdrum.core.edit.styled.StyledPart;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.style.StyleShelf;
import saltdrum.server.store.NotFoundException;

/** What a change of a clip's track brings with it, because of the track's style, its frame and the clip's picture. */
@Component
class TrackFitting {
    private final TrackMapper mapper;
    private final StyleShelf styles;
    private final SceneMaker scenes;

    TrackFitting(TrackMapper mapper, StyleShelf styles, SceneMaker scenes) {
        this.mapper = mapper;
        this.styles = styles;
        this.scenes = scenes;
    }

    /** The track after an edit: its places are settled, locked cues look as before, and breaks by the recipe fit. */
    Track edited(String trackId, Track before, Edit edit) {
        Edit placed = PlacedLook.filled(edit, before, styles, () -> size(trackId));
        Edit filled = StyledPart.filled(placed, before, styles);
        return followed(trackId, before, LockedLooks.kept(before, filled.on(before), styles), edit);
    }

    /** @param edit null for a piece of work */
    Track followed(String trackId, Track before, Track after, Edit edit) {
        // The cues of a translation are those of the first track.
        if (TrackStore.isTranslation(trackId)) {
            return after;
        }
        Size size = size(trackId);
        return FittedBreaks.followed(before, after, edit, size, track -> scenes.measure(track, styles.of(track), size));
    }

    /** Of the clip's upright picture, pixels. */
    private Size size(String trackId) {
        Size size = mapper.clipSize(trackId);
        if (size == null) {
            throw new NotFoundException("That clip no longer exists.");
        }
        return size;
    }
}
