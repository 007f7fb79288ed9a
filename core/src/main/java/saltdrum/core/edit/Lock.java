package saltdrum.core.edit;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Track;

public record Lock(List<Long> cueIds, boolean locked) implements Edit {
    @Override
    public Track on(Track track) {
        Set<Long> wanted = Edits.existing(track, cueIds);
        return Edits.eachCue(track, cue -> wanted.contains(cue.id()) ? cue.withLocked(locked) : cue);
    }

    @Override
    public String said(Track before) {
        return (locked ? "Lock " : "Unlock ") + EditDescriptions.cues(before, cueIds);
    }
}
