package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Speech that was heard and is not in the script becomes words. */
public record AcceptUnscripted(List<Long> ids) implements Edit {
    @Override
    public Track on(Track track) {
        return FlaggedEdits.accept(track, ids);
    }

    @Override
    public String said(Track before) {
        return "Take in speech that the script lacks";
    }
}
