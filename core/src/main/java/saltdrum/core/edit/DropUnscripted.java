package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

public record DropUnscripted(List<Long> ids) implements Edit {
    @Override
    public Track on(Track track) {
        return FlaggedEdits.drop(track, ids);
    }

    @Override
    public String said(Track before) {
        return "Leave out speech that the script lacks";
    }
}
