package saltdrum.core.track;

import java.util.List;
import saltdrum.core.colour.Colours;

/** A colour over time, mixed in sRGB. Before the first key its colour holds, after the last one too. */
public record ColourTrack(ColourProperty property, List<ColourKey> keys) {
    public ColourTrack {
        keys = List.copyOf(keys);
        Segments.check(keys, ColourKey::t);
    }

    public static ColourTrack of(ColourProperty property, ColourKey... keys) {
        return new ColourTrack(property, List.of(keys));
    }

    public String colourAt(double t) {
        int i = Segments.at(keys, ColourKey::t, t);
        ColourKey a = keys.get(i);
        if (i + 1 == keys.size() || t <= a.t()) {
            return a.colour();
        }
        ColourKey b = keys.get(i + 1);
        return Colours.mix(a.colour(), b.colour(), a.easing().at((t - a.t()) / (b.t() - a.t())));
    }
}
