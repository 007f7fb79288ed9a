package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.colour.Contrast;
import saltdrum.core.cue.BlockPlace;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.HeadlineCue;
import saltdrum.core.look.Facet;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.look.FacetGroup;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Cascade.Layer;
import saltdrum.core.style.Cascade.Origin;
import saltdrum.core.style.Palette;
import saltdrum.core.style.StyleShelf;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.TrackStore;

/** The facets of looks, and the origin of each value in a clip. */
@Tag(name = "styles")
@RestController
@RequestMapping("/api")
class LookController {
    private final TrackStore tracks;
    private final StyleShelf styles;
    private final ClipStore clips;

    LookController(TrackStore tracks, StyleShelf styles, ClipStore clips) {
        this.tracks = tracks;
        this.clips = clips;
        this.styles = styles;
    }

    record GroupView(FacetGroup group, String label, List<FacetView> facets) {}

    @Operation(summary = "Everything that can be settled about a look, in its groups")
    @GetMapping("/facets")
    List<GroupView> facets() {
        return Arrays.stream(FacetGroup.values())
                .map(group -> new GroupView(
                        group,
                        group.label,
                        Facets.ALL.stream()
                                .filter(facet -> facet.group() == group)
                                .map(FacetView::of)
                                .toList()))
                .toList();
    }

    /**
     * A resolved look.
     *
     * @param look every facet's value
     * @param origins the origin of each value, by facet
     */
    record LookView(LookPatch look, List<OriginView> origins) {}

    record OriginView(String facet, Origin origin) {}

    @Operation(
            summary =
                    "The look of a word, a cue, a headline, an emphasis role or, with none of them, of the whole track")
    @GetMapping("/clips/{clipId}/look")
    LookView look(
            @PathVariable String clipId,
            @RequestParam(required = false) String language,
            @RequestParam(required = false) Long wordId,
            @RequestParam(required = false) Long cueId,
            @RequestParam(required = false) Long headlineId,
            @RequestParam(required = false) Integer role) {
        Track track = tracks.shown(clipId, language).track();
        Cascade cascade = new Cascade(styles.of(track), track.styling());
        List<Layer> layers;
        if (wordId != null) {
            Cue cue = track.cueOfWord(wordId);
            layers = cascade.layers(cue, cue.words().get(cue.indexOf(wordId)));
        } else if (cueId != null) {
            layers = cascade.layers(track.cues().get(track.indexOfCue(cueId)));
        } else if (headlineId != null) {
            Headline headline = track.beside().headline(headlineId);
            Size clip = clips.get(clipId).info().size();
            layers = cascade.layers(
                    HeadlineCue.of(headline, track.frame().layout(clip), headline.endMs(track.lengthMs())));
        } else {
            layers = new ArrayList<>(cascade.track());
            layers.addAll(cascade.role(role == null ? 0 : role));
        }
        Look look = inFrame(
                new Look(Cascade.merged(layers)),
                track.frame().layout(clips.get(clipId).info().size()));
        LookPatch all = LookPatch.NONE;
        List<OriginView> origins = new ArrayList<>();
        for (Facet<?> facet : Facets.ALL) {
            all = settled(all, facet, look);
            origins.add(new OriginView(facet.name(), Cascade.origin(layers, facet)));
        }
        return new LookView(all, origins);
    }

    /** Places on the page are parts of the frame. */
    private static Look inFrame(Look look, FrameLayout layout) {
        Within within = look.get(Facets.WITHIN);
        return new Look(look.settled()
                .with(Facets.Y, Math.round(10_000 * BlockPlace.down(look, layout.safe())) / 10_000.0)
                .with(Facets.WITHIN, within));
    }

    private static <T> LookPatch settled(LookPatch all, Facet<T> facet, Look look) {
        return all.with(facet, look.get(facet));
    }

    @Operation(summary = "The colours of a clip's style and of what its track, cues and words have otherwise")
    @GetMapping("/clips/{clipId}/palette")
    List<String> palette(@PathVariable String clipId) {
        Track track = tracks.get(clipId).track();
        return Palette.of(styles.of(track), track);
    }

    @Operation(summary = "Contrast ratio of two colours by WCAG: 1 to 21")
    @GetMapping("/contrast")
    double contrast(@RequestParam String one, @RequestParam String other) {
        return Math.round(100 * Contrast.ratio(one, other)) / 100.0;
    }
}
