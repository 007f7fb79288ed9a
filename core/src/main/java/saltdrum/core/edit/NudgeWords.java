package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Words side by side, whole; as far as neighbours let them. */
public record NudgeWords(List<Long> wordIds, int byMs, PushMode push) implements Edit {
    @Override
    public Track on(Track track) {
        return TimingEdits.nudge(track, this);
    }

    @Override
    public String said(Track before) {
        return "Move " + EditDescriptions.words(before, wordIds) + EditDescriptions.by(byMs);
    }
}
