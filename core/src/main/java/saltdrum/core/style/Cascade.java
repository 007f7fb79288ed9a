package saltdrum.core.style;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import saltdrum.core.cue.Cue;
import saltdrum.core.look.Facet;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.Styling;
import saltdrum.core.word.Word;

/**
 * Resolves looks: style → track → speaker → cue → word. The overrides of an emphasis role have precedence over the cue, so that
 * an emphasised word stands out in a cue with overrides too. Safe for many threads.
 */
public final class Cascade {
    /** Where a value can come from, the undermost first. */
    public enum Origin {
        REST,
        STYLE,
        TRACK,
        SPEAKER,
        CUE,
        STYLE_ROLE,
        TRACK_ROLE,
        WORD
    }

    public record Layer(Origin origin, LookPatch patch) {}

    private final Style style;
    private final Styling styling;
    /** Words of one cue mostly look alike. */
    private final Map<List<Layer>, Look> known = new ConcurrentHashMap<>();

    public Cascade(Style style, Styling styling) {
        this.style = style;
        this.styling = styling;
    }

    public Look ofTrack() {
        return look(track());
    }

    public Look ofCue(Cue cue) {
        return look(layers(cue));
    }

    public Look ofWord(Cue cue, Word word) {
        return look(layers(cue, word));
    }

    public List<Layer> track() {
        List<Layer> layers = new ArrayList<>();
        add(layers, Origin.STYLE, style.look());
        add(layers, Origin.TRACK, styling.all());
        return layers;
    }

    public List<Layer> layers(Cue cue) {
        List<Layer> layers = track();
        add(layers, Origin.SPEAKER, styling.speaker(cue.speaker()));
        add(layers, Origin.CUE, cue.look());
        return layers;
    }

    public List<Layer> layers(Cue cue, Word word) {
        List<Layer> layers = layers(cue);
        layers.addAll(role(word.emphasis()));
        add(layers, Origin.WORD, word.look());
        return layers;
    }

    /** The overrides of an emphasis role alone. */
    public List<Layer> role(int emphasis) {
        List<Layer> layers = new ArrayList<>();
        if (emphasis > 0) {
            add(layers, Origin.STYLE_ROLE, style.voice(emphasis));
            add(layers, Origin.TRACK_ROLE, styling.role(emphasis));
        }
        return layers;
    }

    private static void add(List<Layer> layers, Origin origin, LookPatch patch) {
        if (!patch.isEmpty()) {
            layers.add(new Layer(origin, patch));
        }
    }

    private Look look(List<Layer> layers) {
        return known.computeIfAbsent(List.copyOf(layers), all -> new Look(merged(all)));
    }

    public static LookPatch merged(List<Layer> layers) {
        LookPatch merged = LookPatch.NONE;
        for (Layer layer : layers) {
            merged = layer.patch().over(merged);
        }
        return merged;
    }

    /** Which of the layers a facet's value comes from. */
    public static Origin origin(List<Layer> layers, Facet<?> facet) {
        Origin origin = Origin.REST;
        for (Layer layer : layers) {
            if (layer.patch().get(facet) != null) {
                origin = layer.origin();
            }
        }
        return origin;
    }

    /** The style merged with the track's overrides of it, as “save as a style” stores it. */
    public static Style settled(Style style, Styling styling) {
        List<Voice> voices = new ArrayList<>();
        for (int i = 0; i < Math.max(style.emphasis().size(), styling.roles().size()); i++) {
            boolean named = i < style.emphasis().size();
            LookPatch own = named ? style.emphasis().get(i).look() : style.voice(i + 1);
            voices.add(new Voice(
                    named ? style.emphasis().get(i).role() : "emphasis " + (i + 1),
                    styling.role(i + 1).over(own)));
        }
        return new Style(style.name(), style.about(), styling.all().over(style.look()), voices);
    }
}
