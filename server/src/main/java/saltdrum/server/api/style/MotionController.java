package saltdrum.server.api.style;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.FromOutside;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.look.LookPatch;
import saltdrum.core.motion.Curve;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleSample;
import saltdrum.server.store.style.StyleRow;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.store.track.TrackStore;

/** Saved motions, which work with every look; they are managed like styles. */
@Tag(name = "styles")
@RestController
@RequestMapping("/api")
class MotionController {
    private final StyleStore styles;
    private final TrackStore tracks;
    private final SceneMaker scenes;

    MotionController(StyleStore styles, TrackStore tracks, SceneMaker scenes) {
        this.styles = styles;
        this.tracks = tracks;
        this.scenes = scenes;
    }

    /** @param look its facets, as a change of the look takes them */
    record MotionView(String name, String about, int version, boolean shipped, LookPatch look) {
        static MotionView of(StyleRow row) {
            return new MotionView(
                    row.name(),
                    row.style().about(),
                    row.version(),
                    row.shipped(),
                    row.style().look());
        }
    }

    @Operation(summary = "The motions there are, in the order of their strip")
    @GetMapping("/motions")
    List<MotionView> motions() {
        return styles.motions().stream().map(MotionView::of).toList();
    }

    /** @param over whether it may become a version more of a motion that has this name */
    record SaveMotionRequest(String name, boolean over) implements FromOutside {}

    @Operation(summary = "Keeps how a clip's track moves")
    @PostMapping("/clips/{clipId}/motions")
    MotionView save(@PathVariable String clipId, @RequestBody SaveMotionRequest request) {
        Track track = tracks.get(clipId).track();
        Cascade cascade = new Cascade(styles.of(track), track.styling());
        String name = request.name() == null ? null : request.name().strip();
        return MotionView.of(styles.save(Style.motion(name, "", cascade.ofTrack()), request.over()));
    }

    @Operation(
            summary = "A few of the clip's own words as they are now, moving so, from time 0, to be played in a loop")
    @GetMapping("/clips/{clipId}/motions/{motion}/sample")
    Scene sample(
            @PathVariable String clipId, @PathVariable String motion, @RequestParam(defaultValue = "0") long cueId) {
        Track track = tracks.get(clipId).track();
        Style settled = Cascade.settled(styles.of(track), track.styling());
        Style moving = new Style(
                settled.name(), settled.about(), styles.get(motion).look().over(settled.look()), settled.emphasis());
        return scenes.make(StyleSample.of(track.cues(), cueId, track.language()), moving, new Size(1080, 1920));
    }

    private static final int SAMPLES = 48;

    /**
     * @param samples how far something has come at even steps of its time
     * @param handles x1, y1, x2, y2 of one that has handles; else empty
     */
    record CurveView(List<Double> samples, List<Double> handles) {}

    @Operation(summary = "A curve as it is drawn")
    @GetMapping("/curve")
    CurveView curve(@RequestParam String of) {
        Curve curve = Curve.parse(of);
        return new CurveView(
                IntStream.rangeClosed(0, SAMPLES)
                        .mapToObj(i -> Math.round(1000 * curve.at((double) i / SAMPLES)) / 1000.0)
                        .toList(),
                curve.handles());
    }

    @Operation(summary = "Curves to begin with")
    @GetMapping("/curves")
    List<Curve.Preset> curves() {
        return Curve.PRESETS;
    }
}
