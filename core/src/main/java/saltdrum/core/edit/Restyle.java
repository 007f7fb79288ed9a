package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Another look for the whole track. */
public record Restyle(String style) implements Edit {
    @Override
    public Track on(Track track) {
        return track.withStyle(style);
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
