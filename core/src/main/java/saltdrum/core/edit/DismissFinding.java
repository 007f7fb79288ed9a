package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras.DismissedFinding;
import saltdrum.core.text.Quoted;

/**
 * Dismisses a finding, or opens it again.
 *
 * @param check its kind
 * @param at id of its word or cue; 0 for the track
 * @param reason at most 300 characters; empty to open the finding again
 */
public record DismissFinding(String check, long at, String reason) implements Edit {
    private static final int MOST_CHARACTERS = 300;
    private static final int MOST = 5000;

    public DismissFinding {
        reason = reason.strip();
        if (reason.length() > MOST_CHARACTERS) {
            throw new BadInputException("A reason has at most " + MOST_CHARACTERS + " characters.");
        }
        if (!check.matches("[a-zA-Z]{1,40}")) {
            throw new BadInputException("There is no check " + Quoted.of(check) + ".");
        }
    }

    @Override
    public Track on(Track track) {
        List<DismissedFinding> stands = new ArrayList<>(track.beside().stands());
        stands.removeIf(one -> one.check().equals(check) && one.at() == at);
        if (!reason.isEmpty()) {
            if (stands.size() >= MOST) {
                throw new BadInputException("At most " + MOST + " findings can be dismissed.");
            }
            stands.add(new DismissedFinding(check, at, reason));
        }
        return track.withBeside(track.beside().withStands(stands));
    }

    @Override
    public String said(Track before) {
        return reason.isEmpty() ? "Reopen a finding" : "Dismiss a finding: " + EditDescriptions.shortened(reason);
    }
}
