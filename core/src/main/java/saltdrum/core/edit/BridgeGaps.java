package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;

/** Gaps up to this length are closed. No cue ids: the track. */
public record BridgeGaps(@MayBeMissing List<Long> cueIds, int upToMs) implements Edit {
    @Override
    public Track on(Track track) {
        return ShowingEdits.bridge(track, this);
    }

    @Override
    public String said(Track before) {
        return "Bridge gaps up to " + upToMs + " ms" + EditDescriptions.of(cueIds);
    }
}
