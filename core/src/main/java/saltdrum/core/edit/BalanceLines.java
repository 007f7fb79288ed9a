package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Lines as the recipe sets them. */
public record BalanceLines(List<Long> cueIds) implements Edit {
    @Override
    public Track on(Track track) {
        return BreakEdits.balance(track, cueIds);
    }

    @Override
    public String said(Track before) {
        return "Balance the lines of " + EditDescriptions.cues(before, cueIds);
    }
}
