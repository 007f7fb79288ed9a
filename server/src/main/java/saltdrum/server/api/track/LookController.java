package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.colour.Contrast;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.HeadlineCue;
import saltdrum.core.look.Facet;
import saltdrum.core.look.FacetGroup;
import saltdrum.core.look.FacetKind;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;
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

    enum Control {
        NUMBER,
        SWITCH,
        CHOICE,
        FAMILY,
        EMOJI,
        /** The axes of the chosen typeface. */
        AXES,
        INK,
        /** A value of several parts, of one of some kinds. */
        KINDS,
        /** A list of such. */
        SEVERAL,
        OTHER
    }

    /**
     * How a facet is chosen.
     *
     * @param options of a choice; empty for others
     */
    record FacetView(
            String name,
            String label,
            FacetGroup group,
            Facet.Scope scope,
            Control control,
            @Schema(description = "Of a number; 0 for others") double least,
            double most,
            double step,
            String unit,
            List<ValuePart.Option> options,
            @Schema(description = "How many of a list at most; 0 for others") int count,
            @Schema(description = "What one of a list is called; empty for others") String one,
            @Schema(description = "Of what values of several parts are made, kind by kind") List<ValueParts> kinds) {}

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
                                .map(LookController::view)
                                .toList()))
                .toList();
    }

    private static FacetView view(Facet<?> facet) {
        FacetKind<?> kind = facet.kind();
        FacetKind.Number number = kind instanceof FacetKind.Number n ? n : new FacetKind.Number(0, 0, 0, "");
        List<ValuePart.Option> options =
                kind instanceof FacetKind.Choice<?> choice ? ValuePart.Option.of(choice.type()) : List.of();
        return new FacetView(
                facet.name(),
                facet.label(),
                facet.group(),
                facet.scope(),
                control(facet),
                number.least(),
                number.most(),
                number.step(),
                number.unit(),
                options,
                kind instanceof FacetKind.Several<?> several ? several.most() : 0,
                type(kind).map(ValueParts::label).orElse("").toLowerCase(Locale.ROOT),
                type(kind).map(ValueParts::kinds).orElse(List.of()));
    }

    private static Control control(Facet<?> facet) {
        FacetKind<?> kind = facet.kind();
        if (kind instanceof FacetKind.Number) {
            return Control.NUMBER;
        } else if (kind instanceof FacetKind.Switch) {
            return Control.SWITCH;
        } else if (kind instanceof FacetKind.Choice<?>) {
            return Control.CHOICE;
        } else if (kind instanceof FacetKind.Family) {
            return Control.FAMILY;
        } else if (kind instanceof FacetKind.Emoji) {
            return Control.EMOJI;
        } else if (facet == Facets.AXES) {
            return Control.AXES;
        } else if (facet == Facets.FILL) {
            return Control.INK;
        }
        if (type(kind).map(ValueParts::kinds).orElse(List.of()).isEmpty()) {
            return Control.OTHER;
        }
        return kind instanceof FacetKind.Several<?> ? Control.SEVERAL : Control.KINDS;
    }

    /** Of the values that have several parts. */
    private static Optional<Class<?>> type(FacetKind<?> kind) {
        if (kind instanceof FacetKind.Several<?> several) {
            return Optional.of(several.type());
        }
        return kind instanceof FacetKind.Value<?> value ? Optional.of(value.type()) : Optional.empty();
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
        Look look = new Look(Cascade.merged(layers));
        LookPatch all = LookPatch.NONE;
        List<OriginView> origins = new ArrayList<>();
        for (Facet<?> facet : Facets.ALL) {
            all = settled(all, facet, look);
            origins.add(new OriginView(facet.name(), Cascade.origin(layers, facet)));
        }
        return new LookView(all, origins);
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

    @Operation(summary = "How well two colours stand out from each other: 1 to 21, as WCAG reckons it")
    @GetMapping("/contrast")
    double contrast(@RequestParam String one, @RequestParam String other) {
        return Math.round(100 * Contrast.ratio(one, other)) / 100.0;
    }
}
