package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Styling;

/**
 * Another style for the whole track. What single cues and words have of their own stays.
 *
 * @param version of the style; null or 0 for the newest
 * @param keep whether what the whole track has otherwise than its style stays as well; null for no
 */
public record Restyle(String style, @MayBeMissing Integer version, @MayBeMissing Boolean keep) implements Edit {
    public Restyle(String style) {
        this(style, null, null);
    }

    public Restyle withVersion(int newVersion) {
        return new Restyle(style, newVersion, keep);
    }

    @Override
    public Track on(Track track) {
        Styling kept = Boolean.TRUE.equals(keep) ? track.styling() : Styling.PLAIN;
        return track.withStyle(style).withStyling(new Styling(version == null ? 0 : version, kept.all(), kept.roles()));
    }

    @Override
    public String said(Track before) {
        return "Style " + style;
    }

    @Override
    public List<String> styles() {
        return List.of(String.valueOf(style));
    }
}
