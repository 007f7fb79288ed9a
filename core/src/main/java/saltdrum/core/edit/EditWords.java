package saltdrum.core.edit;

import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;

/** Says in plain words what an edit does, for the history and beside undo. */
public final class EditWords {
    private EditWords() {}

    /** @param before the track that the edit was made on */
    public static String describe(Track before, Edit edit) {
        if (edit instanceof Edit.RetypeCue e) {
            return "Retype “" + shortened(e.text()) + "”";
        } else if (edit instanceof Edit.SplitCue e) {
            return "Split before “" + word(before, e.wordId()) + "”";
        } else if (edit instanceof Edit.JoinCues e) {
            return "Join “"
                    + shortened(before.cues().get(before.indexOfCue(e.cueId())).text()) + "” with the next cue";
        } else if (edit instanceof Edit.MoveWord e) {
            return "Send “" + word(before, e.wordId()) + "” to the " + (e.toNext() ? "next" : "previous") + " cue";
        } else if (edit instanceof Edit.BreakLine e) {
            return (e.broken() ? "Break the line before “" : "Join the line before “") + word(before, e.wordId()) + "”";
        } else if (edit instanceof Edit.DeleteCues e) {
            return "Delete " + count(e.cueIds().size(), "cue");
        } else if (edit instanceof Edit.SetEmphasis e) {
            String what = e.wordIds().size() == 1
                    ? "“" + word(before, e.wordIds().get(0)) + "”"
                    : count(e.wordIds().size(), "word");
            return e.emphasis() == 0 ? "Plain " + what : "Emphasise " + what;
        } else if (edit instanceof Edit.ConfirmWords e) {
            return "Confirm " + count(e.wordIds().size(), "word");
        } else if (edit instanceof Edit.RetimeWord e) {
            return "Retime “" + word(before, e.wordId()) + "”";
        } else if (edit instanceof Edit.ShiftCues e) {
            return "Shift " + count(e.cueIds().size(), "cue") + " by " + e.byMs() + " ms";
        } else if (edit instanceof Edit.Rebreak e) {
            return "Break by " + e.recipe().name();
        } else if (edit instanceof Edit.Restyle e) {
            return "Style " + e.style();
        } else if (edit instanceof Edit.Reframe e) {
            return "Frame " + e.frame().aspect().label;
        } else if (edit instanceof Edit.Lock e) {
            return (e.locked() ? "Lock " : "Unlock ") + count(e.cueIds().size(), "cue");
        } else if (edit instanceof Edit.ReplaceWords e) {
            return "Bring in " + count(e.words().size(), "word");
        } else if (edit instanceof Edit.BringInCues e) {
            return "Bring in " + count(e.cues().size(), "cue") + " of a file";
        } else if (edit instanceof Edit.AcceptUnscripted) {
            return "Take in speech that the script lacks";
        } else if (edit instanceof Edit.DropUnscripted) {
            return "Leave out speech that the script lacks";
        } else if (edit instanceof Edit.DropWords e) {
            return "Delete " + count(e.wordIds().size(), "word");
        } else if (edit instanceof Edit.Redraft e) {
            return e.policy().said;
        }
        throw new IllegalStateException("No words for " + edit);
    }

    private static String word(Track track, long wordId) {
        Cue cue = track.cueOfWord(wordId);
        return cue.words().get(cue.indexOf(wordId)).text();
    }

    private static String count(int count, String thing) {
        return count + " " + thing + (count == 1 ? "" : "s");
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 38) + "…";
    }
}
