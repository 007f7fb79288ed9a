package saltdrum.core.edit;

import saltdrum.core.cue.Track;
import saltdrum.core.draft.WritingPolicy;

/** Writes all unlocked words by a policy. */
public record RewriteByPolicy(WritingPolicy policy) implements Edit {
    @Override
    public Track on(Track track) {
        return TextEdits.redraft(track, policy);
    }

    @Override
    public String said(Track before) {
        return policy.said;
    }
}
