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
            Cue cue = before.cueOfWord(e.wordId());
            int at = cue.indexOf(e.wordId());
            return "Split “" + shortened(cue.text()) + "”"
                    + (at == 0 ? "" : " after “" + cue.words().get(at - 1).text() + "”");
        } else if (edit instanceof Edit.JoinCues e) {
            return "Join “" + cue(before, e.cueId()) + "” with the next cue";
        } else if (edit instanceof Edit.MoveWord e) {
            return "Send “" + word(before, e.wordId()) + "” to the " + (e.toNext() ? "next" : "previous") + " cue";
        } else if (edit instanceof Edit.BreakLine e) {
            return (e.broken() ? "Break the line before “" : "Join the line before “") + word(before, e.wordId()) + "”";
        } else if (edit instanceof Edit.DeleteCues e) {
            return "Delete " + cues(before, e.cueIds());
        } else if (edit instanceof Edit.SetEmphasis e) {
            String what = e.wordIds().size() == 1
                    ? "“" + word(before, e.wordIds().get(0)) + "”"
                    : count(e.wordIds().size(), "word");
            return e.emphasis() == 0 ? "Plain " + what : "Emphasise " + what;
        } else if (edit instanceof Edit.ConfirmWords e) {
            return "Confirm " + words(before, e.wordIds());
        } else if (edit instanceof Edit.RetimeWord e) {
            return "Retime “" + word(before, e.wordId()) + "”";
        } else if (edit instanceof Edit.MoveEdge e) {
            return "Move the " + (e.end() ? "end" : "start") + " of “" + word(before, e.wordId()) + "”";
        } else if (edit instanceof Edit.NudgeWords e) {
            return "Move " + words(before, e.wordIds()) + by(e.byMs());
        } else if (edit instanceof Edit.ShiftAfter e) {
            return "Shift everything from “" + cue(before, e.cueId()) + "” on" + by(e.byMs());
        } else if (edit instanceof Edit.StretchCues e) {
            return "Stretch " + count(e.cueIds().size(), "cue") + " to fit";
        } else if (edit instanceof Edit.SetCueTime e) {
            return "Set the " + (e.showMs() == null ? "end" : e.hideMs() == null ? "start" : "times") + " of “"
                    + cue(before, e.cueId()) + "”";
        } else if (edit instanceof Edit.BridgeGaps e) {
            return "Bridge gaps up to " + e.upToMs() + " ms" + of(e.cueIds());
        } else if (edit instanceof Edit.TrimToSpeech e) {
            return "Trim to speech" + of(e.cueIds());
        } else if (edit instanceof Edit.HoldAtLeast e) {
            return "Show at least " + e.leastMs() + " ms" + of(e.cueIds());
        } else if (edit instanceof Edit.AddCue e) {
            return "Add “" + shortened(e.text()) + "”";
        } else if (edit instanceof Edit.ReplaceText e) {
            return "Replace “" + shortened(e.find()) + "” with “" + shortened(e.with() == null ? "" : e.with()) + "”";
        } else if (edit instanceof Edit.JoinRun e) {
            return "Join " + count(e.cueIds().size(), "cue");
        } else if (edit instanceof Edit.BalanceLines e) {
            return "Balance the lines of " + cues(before, e.cueIds());
        } else if (edit instanceof Edit.ReleaseBreaks e) {
            return "Release the breaks of " + cues(before, e.cueIds());
        } else if (edit instanceof Edit.ShiftCues e) {
            return "Shift " + count(e.cueIds().size(), "cue") + by(e.byMs());
        } else if (edit instanceof Edit.Rebreak e) {
            return "Break "
                    + (e.cueIds() == null ? "" : count(e.cueIds().size(), "cue") + " ")
                    + "by “" + e.recipe().name() + "”"
                    + (e.releasePins() ? ", hand-made breaks released" : "");
        } else if (edit instanceof Edit.Restyle e) {
            return "Style " + e.style();
        } else if (edit instanceof Edit.Reframe e) {
            return "Frame " + e.frame().aspect().label;
        } else if (edit instanceof Edit.Lock e) {
            return (e.locked() ? "Lock " : "Unlock ") + cues(before, e.cueIds());
        } else if (edit instanceof Edit.ConfirmSure) {
            return "Confirm all that is sure";
        } else if (edit instanceof Edit.SetLanguage e) {
            return "Language "
                    + java.util.Locale.forLanguageTag(e.language()).getDisplayLanguage(java.util.Locale.ENGLISH);
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

    private static String words(Track track, java.util.List<Long> ids) {
        return ids.size() == 1 ? "“" + word(track, ids.get(0)) + "”" : count(ids.size(), "word");
    }

    private static String cue(Track track, long cueId) {
        return shortened(track.cues().get(track.indexOfCue(cueId)).text());
    }

    private static String cues(Track track, java.util.List<Long> ids) {
        return ids.size() == 1 ? "“" + cue(track, ids.get(0)) + "”" : count(ids.size(), "cue");
    }

    private static String of(java.util.List<Long> cueIds) {
        return cueIds == null || cueIds.isEmpty() ? "" : " in " + count(cueIds.size(), "cue");
    }

    private static String by(int ms) {
        return " by " + (ms < 0 ? "−" : "+") + Math.abs(ms) + " ms";
    }

    private static String count(int count, String thing) {
        return count + " " + thing + (count == 1 ? "" : "s");
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 38) + "…";
    }
}
