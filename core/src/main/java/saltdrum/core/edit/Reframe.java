package saltdrum.core.edit;

import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Track;

public record Reframe(Frame frame) implements Edit {
    @Override
    public Track on(Track track) {
        return track.withFrame(frame);
    }

    @Override
    public String said(Track before) {
        return "Frame " + frame.aspect().label;
    }
}
