package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;

/** Parts of the sentences that describe edits in the history. */
final class EditDescriptions {
    private EditDescriptions() {}

    static String word(Track track, long wordId) {
        Cue cue = track.cueOfWord(wordId);
        return cue.words().get(cue.indexOf(wordId)).text();
    }

    static String words(Track track, List<Long> ids) {
        return ids.size() == 1 ? "“" + word(track, ids.get(0)) + "”" : count(ids.size(), "word");
    }

    static String cue(Track track, long cueId) {
        return shortened(track.cues().get(track.indexOfCue(cueId)).text());
    }

    static String cues(Track track, List<Long> ids) {
        return ids.size() == 1 ? "“" + cue(track, ids.get(0)) + "”" : count(ids.size(), "cue");
    }

    static String of(List<Long> cueIds) {
        return cueIds == null || cueIds.isEmpty() ? "" : " in " + count(cueIds.size(), "cue");
    }

    /** For changes of all cues that leave the locked ones alone. */
    static String butLocked(Track track) {
        int locked = track.lockedCues();
        return locked == 0 ? "" : ", without " + count(locked, "locked cue");
    }

    static String by(int ms) {
        return " by " + (ms < 0 ? "−" : "+") + Math.abs(ms) + " ms";
    }

    static String count(int count, String thing) {
        return count + " " + thing + (count == 1 ? "" : "s");
    }

    static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 38) + "…";
    }
}
