package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.LruMap;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Edit;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.StyleSample;
import saltdrum.core.style.StyleShelf;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackStore;

@Tag(name = "scene")
@RestController
@RequestMapping("/api")
class SceneController {
    private static final int MOST_KEPT = 64;

    /** Scenes that pages got of late, by their tags. */
    private final Map<String, SentScene> sent = LruMap.of(MOST_KEPT);

    private final ClipStore clips;
    private final TrackStore tracks;
    private final SceneMaker scenes;
    private final StyleShelf styles;

    SceneController(ClipStore clips, TrackStore tracks, SceneMaker scenes, StyleShelf styles) {
        this.styles = styles;
        this.clips = clips;
        this.tracks = tracks;
        this.scenes = scenes;
    }

    @Operation(summary = "The display list of the clip's captions, or what of it changed since the one the page has")
    @GetMapping("/clips/{clipId}/scene")
    ScenePatch scene(
            @PathVariable String clipId,
            @RequestParam(required = false) String language,
            @RequestParam(required = false) String since) {
        StoredTrack stored = tracks.shown(clipId, language);
        Scene scene = scenes.make(stored.track(), styles.of(stored.track()), size(clipId));
        SentScene made = new SentScene(UUID.randomUUID().toString(), stored.version(), scene);
        SentScene before = since == null ? null : sent.get(since);
        sent.put(made.tag(), made);
        return before == null ? ScenePatch.whole(made) : ScenePatch.between(before, made);
    }

    @Operation(
            summary = "The captions between two times as they would be after an edit",
            description = "Nothing is kept: neither the edit nor a step of the history.")
    @PostMapping("/clips/{clipId}/scene/attempt")
    Scene attempt(
            @PathVariable String clipId,
            @RequestParam(required = false) String language,
            @RequestParam(defaultValue = "0") int fromMs,
            @RequestParam(defaultValue = "2147483647") int toMs,
            @RequestBody Edit edit) {
        StoredTrack shown = tracks.shown(clipId, language);
        Track tried = tracks.edited(shown.id(), shown.track(), edit);
        return scenes.attempt(tried, styles.of(tried), size(clipId), fromMs, toMs);
    }

    @Operation(summary = "A few of the clip's own words in a style, from time 0, to be played in a loop")
    @GetMapping("/clips/{clipId}/styles/{style}/sample")
    Scene sample(
            @PathVariable String clipId, @PathVariable String style, @RequestParam(defaultValue = "0") long cueId) {
        Track track = tracks.get(clipId).track();
        List<Cue> cues = track.cues();
        return scenes.make(StyleSample.of(cues, cueId, track.language()), styles.get(style), new Size(1080, 1920));
    }

    private Size size(String clipId) {
        return clips.get(clipId).info().size();
    }
}
