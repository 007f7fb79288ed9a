package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Styling;

/**
 * Replaces all cues by those of a caption file and keeps the file's breaks. Null for language keeps the track's;
 * styling and headlines may be null too.
 */
public record BringInCues(
        String language,
        List<Cue> cues,
        @MayBeMissing String regions,
        @MayBeMissing Styling styling,
        @MayBeMissing List<Headline> headlines)
        implements Edit {
    public BringInCues(String language, List<Cue> cues, String regions) {
        this(language, cues, regions, null, null);
    }

    @Override
    public Track on(Track track) {
        return BringInEdits.bringIn(track, this);
    }

    @Override
    public String said(Track before) {
        return "Bring in " + EditDescriptions.count(cues.size(), "cue") + " of a file";
    }
}
