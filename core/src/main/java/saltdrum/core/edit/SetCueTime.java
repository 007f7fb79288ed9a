package saltdrum.core.edit;

import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;

/** Sets when a cue is shown and hidden. Null keeps a time; a negative time lets it follow the words again. */
public record SetCueTime(long cueId, @MayBeMissing Integer showMs, @MayBeMissing Integer hideMs) implements Edit {
    @Override
    public Track on(Track track) {
        return ShowingEdits.set(track, this);
    }

    @Override
    public String said(Track before) {
        return "Set the " + (showMs == null ? "end" : hideMs == null ? "start" : "times") + " of “"
                + EditDescriptions.cue(before, cueId) + "”";
    }
}
