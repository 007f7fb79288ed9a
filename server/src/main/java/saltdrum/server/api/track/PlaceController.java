package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.check.NinePlace;
import saltdrum.core.check.NinePlaces;
import saltdrum.core.check.TextBlock;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.layout.HeadlineCue;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.StyleShelf;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.TrackStore;

/** Places of captions in the safe area. */
@Tag(name = "styles")
@RestController
@RequestMapping("/api/clips/{clipId}/place")
class PlaceController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final StyleShelf styles;
    private final SceneMaker scenes;

    PlaceController(ClipStore clips, TrackStore tracks, StyleShelf styles, SceneMaker scenes) {
        this.clips = clips;
        this.tracks = tracks;
        this.styles = styles;
        this.scenes = scenes;
    }

    /**
     * @param cueIds at least one; null for the whole track
     * @param headlineId null for captions
     * @param language of the translation that is shown; null for the clip's own words
     */
    record NinePlaceRequest(
            NinePlace at, @MayBeMissing List<Long> cueIds, @MayBeMissing Long headlineId, @MayBeMissing String language)
            implements FromOutside {}

    @Operation(
            summary = "The change of the look that brings captions to a corner, an edge or the middle of the safe area",
            description = "Nothing is changed: an edit that changes the look takes the answer.")
    @PostMapping
    LookPatch place(@PathVariable String clipId, @RequestBody NinePlaceRequest request) {
        if (request.at() == null || request.cueIds() != null && request.cueIds().isEmpty()) {
            throw new BadInputException("The request names no place, or no cues.");
        }
        ClipRow clip = clips.get(clipId);
        Size size = clip.info().size();
        Track track = tracks.shown(clip.id(), request.language()).track();
        Box safe = track.frame().layout(size).safe();
        return NinePlaces.of(
                request.at(), look(track, size, request), safe, patch -> blocks(track, size, request, patch));
    }

    private Look look(Track track, Size size, NinePlaceRequest request) {
        Cascade cascade = new Cascade(styles.of(track), track.styling());
        if (request.headlineId() != null) {
            Headline headline = track.beside().headline(request.headlineId());
            Cue cue = HeadlineCue.of(headline, track.frame().layout(size), headline.endMs(track.lengthMs()));
            return cascade.ofCue(cue);
        }
        return request.cueIds() == null
                ? cascade.ofTrack()
                : cascade.ofCue(
                        track.cues().get(track.indexOfCue(request.cueIds().get(0))));
    }

    /** In parts of the frame. Cues with a place of their own are not the track's to place. */
    private List<Box> blocks(Track track, Size size, NinePlaceRequest request, LookPatch patch) {
        Track tried = new ChangeLook(null, request.cueIds(), null, request.headlineId(), patch, null).on(track);
        Set<Long> placed = request.headlineId() != null
                ? Set.of(request.headlineId())
                : request.cueIds() != null
                        ? Set.copyOf(request.cueIds())
                        : track.cues().stream()
                                .filter(cue -> !cue.locked()
                                        && cue.look().only(patch.facets()).isEmpty())
                                .map(Cue::id)
                                .collect(Collectors.toSet());
        Scene scene = scenes.make(tried, styles.of(tried), size);
        return scene.parts().stream()
                .filter(part -> placed.contains(part.cueId()) && part.depth() > 0 == (request.headlineId() != null))
                .map(part -> TextBlock.of(part).box())
                .filter(box -> box.width() > 0)
                .map(box -> new Box(
                        box.x() / scene.width(),
                        box.y() / scene.height(),
                        box.width() / scene.width(),
                        box.height() / scene.height()))
                .toList();
    }
}
