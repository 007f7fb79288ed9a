package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.Json;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleSample;
import saltdrum.core.style.StyleShelf;
import saltdrum.core.style.Voice;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.StoredTrack;
import saltdrum.server.store.TrackStore;

@Tag(name = "scene")
@RestController
@RequestMapping("/api")
class SceneController {
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

    record StyleView(String name, String about, List<String> emphasis) {}

    @Operation(summary = "The styles there are, in the order of the strip")
    @GetMapping("/styles")
    List<StyleView> styles() {
        return styles.all().stream()
                .map(style -> new StyleView(
                        style.name(),
                        style.about(),
                        style.emphasis().stream().map(Voice::role).toList()))
                .toList();
    }

    /** A scene and the track version it was made of, so that a page never paints one with the words of another. */
    record SceneView(long version, Scene scene) {}

    @Operation(summary = "The display list of the clip's captions")
    @GetMapping("/clips/{clipId}/scene")
    SceneView scene(@PathVariable String clipId, @RequestParam(required = false) String language) {
        StoredTrack stored = tracks.shown(clipId, language);
        Style style = styles.get(stored.track().style());
        return new SceneView(stored.version(), scenes.make(stored.track(), style, size(clipId)));
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
        return Json.read(clips.get(clipId).info(), ClipInfo.class, "clip").size();
    }
}
