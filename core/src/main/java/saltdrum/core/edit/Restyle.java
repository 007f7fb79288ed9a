package saltdrum.core.edit;

import saltdrum.core.cue.Track;

public record Restyle(String style) implements Edit {
    @Override
    public Track on(Track track) {
        return track.withStyle(style);
    }

    @Override
    public String said(Track before) {
        return "Style " + style;
    }
}
