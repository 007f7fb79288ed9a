package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.text.Quoted;

/**
 * Breaks unlocked words again, in these cues or, if null, in the whole track. Pinned breaks are respected unless
 * {@code releasePins}.
 */
public record Rebreak(Recipe recipe, boolean releasePins, @MayBeMissing List<Long> cueIds) implements Edit {
    public Rebreak(Recipe recipe, boolean releasePins) {
        this(recipe, releasePins, null);
    }

    @Override
    public Track on(Track track) {
        return BreakEdits.rebreak(track, this);
    }

    @Override
    public String said(Track before) {
        return "Break "
                + (cueIds == null ? "" : EditDescriptions.count(cueIds.size(), "cue") + " ")
                + "by " + Quoted.of(recipe.name())
                + (releasePins ? ", hand-made breaks released" : "");
    }
}
