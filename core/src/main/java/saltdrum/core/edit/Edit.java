package saltdrum.core.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Track;

/**
 * One change to a track. Words and cues are named by their ids; times are milliseconds of the clip. A new kind is one
 * record here: it does itself, says itself, and the random edits of the tests ask for it.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = RetypeCue.class, name = "retypeCue"),
    @JsonSubTypes.Type(value = SplitCue.class, name = "splitCue"),
    @JsonSubTypes.Type(value = JoinCues.class, name = "joinCues"),
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
    @JsonSubTypes.Type(value = ChangeLook.class, name = "changeLook"),
    @JsonSubTypes.Type(value = PutEmoji.class, name = "putEmoji"),
    @JsonSubTypes.Type(value = Reframe.class, name = "reframe"),
    @JsonSubTypes.Type(value = PutHeadline.class, name = "putHeadline"),
    @JsonSubTypes.Type(value = DropHeadline.class, name = "dropHeadline"),
    @JsonSubTypes.Type(value = Shorten.class, name = "shorten"),
    @JsonSubTypes.Type(value = ApplyRemedies.class, name = "mend"),
    @JsonSubTypes.Type(value = DismissFinding.class, name = "letStand"),
    @JsonSubTypes.Type(value = FollowVoice.class, name = "followVoice"),
    @JsonSubTypes.Type(value = Lock.class, name = "lock"),
    @JsonSubTypes.Type(value = ReplaceWords.class, name = "replaceWords"),
    @JsonSubTypes.Type(value = BringInCues.class, name = "bringInCues"),
    @JsonSubTypes.Type(value = AcceptUnscripted.class, name = "acceptUnscripted"),
    @JsonSubTypes.Type(value = DropUnscripted.class, name = "dropUnscripted"),
    @JsonSubTypes.Type(value = DropWords.class, name = "dropWords"),
    @JsonSubTypes.Type(value = RewriteByPolicy.class, name = "redraft"),
})
public sealed interface Edit extends FromOutside
        permits RetypeCue,
                SplitCue,
                JoinCues,
                MoveWord,
                BreakLine,
                DeleteCues,
                SetEmphasis,
                ConfirmWords,
                ConfirmConfidentWords,
                SetLanguage,
                RetimeWord,
                ShiftCues,
                MoveEdge,
                NudgeWords,
                ShiftAfter,
                StretchCues,
                SetCueTime,
                BridgeGaps,
                TrimToSpeech,
                HoldAtLeast,
                AddCue,
                ReplaceText,
                JoinRun,
                BalanceLines,
                ReleaseBreaks,
                Rebreak,
                Restyle,
                ChangeLook,
                PutEmoji,
                Reframe,
                PutHeadline,
                DropHeadline,
                Shorten,
                ApplyRemedies,
                DismissFinding,
                FollowVoice,
                Lock,
                ReplaceWords,
                BringInCues,
                AcceptUnscripted,
                DropUnscripted,
                DropWords,
                RewriteByPolicy {
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
