package saltdrum.core.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.BalanceLines;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.BreakEdit.JoinCues;
import saltdrum.core.edit.BreakEdit.JoinRun;
import saltdrum.core.edit.BreakEdit.MoveWord;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.BreakEdit.ReleaseBreaks;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.BreakEdit.SplitEvenly;
import saltdrum.core.edit.FlaggedEdit.AcceptUnscripted;
import saltdrum.core.edit.FlaggedEdit.DropUnscripted;
import saltdrum.core.edit.FlaggedEdit.DropWords;
import saltdrum.core.edit.FrameEdit.Reframe;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.FrameEdit.StyleOfPart;
import saltdrum.core.edit.ImportEdit.BringInCues;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.core.edit.MarkEdit.ConfirmConfidentWords;
import saltdrum.core.edit.MarkEdit.ConfirmWords;
import saltdrum.core.edit.MarkEdit.DeleteCues;
import saltdrum.core.edit.MarkEdit.GiveSpeaker;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.MarkEdit.LookOfSpeaker;
import saltdrum.core.edit.MarkEdit.MergeSpeakers;
import saltdrum.core.edit.MarkEdit.NameSpeakers;
import saltdrum.core.edit.MarkEdit.PlaceSpeakers;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.MarkEdit.SwapSpeakers;
import saltdrum.core.edit.OverlayEdit.DropHeadline;
import saltdrum.core.edit.OverlayEdit.PutEmoji;
import saltdrum.core.edit.OverlayEdit.PutHeadline;
import saltdrum.core.edit.ShowingEdit.BridgeGaps;
import saltdrum.core.edit.ShowingEdit.HoldAtLeast;
import saltdrum.core.edit.ShowingEdit.SetCueTime;
import saltdrum.core.edit.ShowingEdit.TrimToSpeech;
import saltdrum.core.edit.TextEdit.AddCue;
import saltdrum.core.edit.TextEdit.ReplaceText;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.edit.TextEdit.RewriteByPolicy;
import saltdrum.core.edit.TextEdit.SetLanguage;
import saltdrum.core.edit.TimingEdit.MoveEdge;
import saltdrum.core.edit.TimingEdit.NudgeWords;
import saltdrum.core.edit.TimingEdit.RetimeWord;
import saltdrum.core.edit.TimingEdit.ShiftAfter;
import saltdrum.core.edit.TimingEdit.ShiftCues;
import saltdrum.core.edit.TimingEdit.StretchCues;

/**
 * One change to a track. Words and cues are named by their ids; times are milliseconds of the clip. A new kind is one
 * record in the group it belongs to and one line in the list of JSON names below. Everything else is derived from these:
 * the API's union and the page's types, the random edits of the tests, the names in the history.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = RetypeCue.class, name = "retypeCue"),
    @JsonSubTypes.Type(value = SplitCue.class, name = "splitCue"),
    @JsonSubTypes.Type(value = JoinCues.class, name = "joinCues"),
    @JsonSubTypes.Type(value = SplitEvenly.class, name = "splitEvenly"),
    @JsonSubTypes.Type(value = MoveWord.class, name = "moveWord"),
    @JsonSubTypes.Type(value = BreakLine.class, name = "breakLine"),
    @JsonSubTypes.Type(value = DeleteCues.class, name = "deleteCues"),
    @JsonSubTypes.Type(value = SetEmphasis.class, name = "setEmphasis"),
    @JsonSubTypes.Type(value = ConfirmWords.class, name = "confirmWords"),
    @JsonSubTypes.Type(value = ConfirmConfidentWords.class, name = "confirmSure"),
    @JsonSubTypes.Type(value = SetLanguage.class, name = "setLanguage"),
    @JsonSubTypes.Type(value = RetimeWord.class, name = "retimeWord"),
    @JsonSubTypes.Type(value = ShiftCues.class, name = "shiftCues"),
    @JsonSubTypes.Type(value = MoveEdge.class, name = "moveEdge"),
    @JsonSubTypes.Type(value = NudgeWords.class, name = "nudgeWords"),
    @JsonSubTypes.Type(value = ShiftAfter.class, name = "shiftAfter"),
    @JsonSubTypes.Type(value = StretchCues.class, name = "stretchCues"),
    @JsonSubTypes.Type(value = SetCueTime.class, name = "setCueTime"),
    @JsonSubTypes.Type(value = BridgeGaps.class, name = "bridgeGaps"),
    @JsonSubTypes.Type(value = TrimToSpeech.class, name = "trimToSpeech"),
    @JsonSubTypes.Type(value = HoldAtLeast.class, name = "holdAtLeast"),
    @JsonSubTypes.Type(value = AddCue.class, name = "addCue"),
    @JsonSubTypes.Type(value = ReplaceText.class, name = "replaceText"),
    @JsonSubTypes.Type(value = JoinRun.class, name = "joinRun"),
    @JsonSubTypes.Type(value = BalanceLines.class, name = "balanceLines"),
    @JsonSubTypes.Type(value = ReleaseBreaks.class, name = "releaseBreaks"),
    @JsonSubTypes.Type(value = Rebreak.class, name = "rebreak"),
    @JsonSubTypes.Type(value = Restyle.class, name = "restyle"),
    @JsonSubTypes.Type(value = StyleOfPart.class, name = "styleOfPart"),
    @JsonSubTypes.Type(value = ChangeLook.class, name = "changeLook"),
    @JsonSubTypes.Type(value = PutEmoji.class, name = "putEmoji"),
    @JsonSubTypes.Type(value = Reframe.class, name = "reframe"),
    @JsonSubTypes.Type(value = PutHeadline.class, name = "putHeadline"),
    @JsonSubTypes.Type(value = DropHeadline.class, name = "dropHeadline"),
    @JsonSubTypes.Type(value = Shorten.class, name = "shorten"),
    @JsonSubTypes.Type(value = ApplyRemedies.class, name = "mend"),
    @JsonSubTypes.Type(value = DismissFinding.class, name = "letStand"),
    @JsonSubTypes.Type(value = FollowVoice.class, name = "followVoice"),
    @JsonSubTypes.Type(value = NameSpeakers.class, name = "nameSpeakers"),
    @JsonSubTypes.Type(value = GiveSpeaker.class, name = "giveSpeaker"),
    @JsonSubTypes.Type(value = PlaceSpeakers.class, name = "placeSpeakers"),
    @JsonSubTypes.Type(value = SwapSpeakers.class, name = "swapSpeakers"),
    @JsonSubTypes.Type(value = MergeSpeakers.class, name = "mergeSpeakers"),
    @JsonSubTypes.Type(value = LookOfSpeaker.class, name = "lookOfSpeaker"),
    @JsonSubTypes.Type(value = Lock.class, name = "lock"),
    @JsonSubTypes.Type(value = ReplaceWords.class, name = "replaceWords"),
    @JsonSubTypes.Type(value = BringInCues.class, name = "bringInCues"),
    @JsonSubTypes.Type(value = AcceptUnscripted.class, name = "acceptUnscripted"),
    @JsonSubTypes.Type(value = DropUnscripted.class, name = "dropUnscripted"),
    @JsonSubTypes.Type(value = DropWords.class, name = "dropWords"),
    @JsonSubTypes.Type(value = RewriteByPolicy.class, name = "redraft"),
})
public sealed interface Edit extends FromOutside
        permits TextEdit,
                BreakEdit,
                TimingEdit,
                ShowingEdit,
                MarkEdit,
                FlaggedEdit,
                ImportEdit,
                OverlayEdit,
                FrameEdit,
                ApplyRemedies,
                ChangeLook,
                DismissFinding,
                FollowVoice,
                Shorten {
    /** All kinds with the names that they have in JSON. */
    static List<JsonSubTypes.Type> kinds() {
        return List.of(Edit.class.getAnnotation(JsonSubTypes.class).value());
    }

    /**
     * Applies the edit. Pure and total: returns a whole valid track or throws; the given track is not modified.
     *
     * @throws RefusedEditException if a locked cue or a neighbour prevents it
     * @throws BadInputException if the edit names something that does not exist or holds an invalid value
     */
    Track on(Track track);

    /**
     * In plain words, for the history and beside undo.
     *
     * @param before the track that it is done to
     */
    String said(Track before);

    /** Names of the styles that the edit refers to; the caller makes sure that they exist. */
    default List<String> styles() {
        return List.of();
    }
}
