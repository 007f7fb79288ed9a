package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;

/** Cues go when their last word is over. No cue ids: the track. */
public record TrimToSpeech(@MayBeMissing List<Long> cueIds) implements Edit {
    @Override
    public Track on(Track track) {
        return ShowingEdits.trim(track, this);
    }

    @Override
    public String said(Track before) {
        return "Trim to speech" + EditDescriptions.of(cueIds);
    }
}
