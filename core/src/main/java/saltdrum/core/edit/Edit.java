package saltdrum.core.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import saltdrum.core.cue.Beside.Unscripted;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.draft.Policy;
import saltdrum.core.word.Word;

/** One change to a track. Words and cues are named by their ids; times are milliseconds of the clip. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Edit.RetypeCue.class, name = "retypeCue"),
    @JsonSubTypes.Type(value = Edit.SplitCue.class, name = "splitCue"),
    @JsonSubTypes.Type(value = Edit.JoinCues.class, name = "joinCues"),
    @JsonSubTypes.Type(value = Edit.MoveWord.class, name = "moveWord"),
    @JsonSubTypes.Type(value = Edit.BreakLine.class, name = "breakLine"),
    @JsonSubTypes.Type(value = Edit.DeleteCues.class, name = "deleteCues"),
    @JsonSubTypes.Type(value = Edit.SetEmphasis.class, name = "setEmphasis"),
    @JsonSubTypes.Type(value = Edit.ConfirmWords.class, name = "confirmWords"),
    @JsonSubTypes.Type(value = Edit.ConfirmSure.class, name = "confirmSure"),
    @JsonSubTypes.Type(value = Edit.SetLanguage.class, name = "setLanguage"),
    @JsonSubTypes.Type(value = Edit.RetimeWord.class, name = "retimeWord"),
    @JsonSubTypes.Type(value = Edit.ShiftCues.class, name = "shiftCues"),
    @JsonSubTypes.Type(value = Edit.MoveEdge.class, name = "moveEdge"),
    @JsonSubTypes.Type(value = Edit.NudgeWords.class, name = "nudgeWords"),
    @JsonSubTypes.Type(value = Edit.ShiftAfter.class, name = "shiftAfter"),
    @JsonSubTypes.Type(value = Edit.StretchCues.class, name = "stretchCues"),
    @JsonSubTypes.Type(value = Edit.SetCueTime.class, name = "setCueTime"),
    @JsonSubTypes.Type(value = Edit.BridgeGaps.class, name = "bridgeGaps"),
    @JsonSubTypes.Type(value = Edit.TrimToSpeech.class, name = "trimToSpeech"),
    @JsonSubTypes.Type(value = Edit.HoldAtLeast.class, name = "holdAtLeast"),
    @JsonSubTypes.Type(value = Edit.AddCue.class, name = "addCue"),
    @JsonSubTypes.Type(value = Edit.ReplaceText.class, name = "replaceText"),
    @JsonSubTypes.Type(value = Edit.JoinRun.class, name = "joinRun"),
    @JsonSubTypes.Type(value = Edit.BalanceLines.class, name = "balanceLines"),
    @JsonSubTypes.Type(value = Edit.ReleaseBreaks.class, name = "releaseBreaks"),
    @JsonSubTypes.Type(value = Edit.Rebreak.class, name = "rebreak"),
    @JsonSubTypes.Type(value = Edit.Restyle.class, name = "restyle"),
    @JsonSubTypes.Type(value = Edit.Reframe.class, name = "reframe"),
    @JsonSubTypes.Type(value = Edit.Lock.class, name = "lock"),
    @JsonSubTypes.Type(value = Edit.ReplaceWords.class, name = "replaceWords"),
    @JsonSubTypes.Type(value = Edit.BringInCues.class, name = "bringInCues"),
    @JsonSubTypes.Type(value = Edit.AcceptUnscripted.class, name = "acceptUnscripted"),
    @JsonSubTypes.Type(value = Edit.DropUnscripted.class, name = "dropUnscripted"),
    @JsonSubTypes.Type(value = Edit.DropWords.class, name = "dropWords"),
    @JsonSubTypes.Type(value = Edit.Redraft.class, name = "redraft"),
})
public sealed interface Edit {
    /** The cue's text as typed; what was not changed keeps its time. */
    record RetypeCue(long cueId, String text) implements Edit {}

    /** A new cue begins with this word. */
    record SplitCue(long wordId) implements Edit {}

    /** The cue and the one after it become one. */
    record JoinCues(long cueId) implements Edit {}

    /** The first word of a cue goes to the cue before, or the last to the cue after. */
    record MoveWord(long wordId, boolean toNext) implements Edit {}

    /** A line begins, or no longer begins, with this word. */
    record BreakLine(long wordId, boolean broken) implements Edit {}

    record DeleteCues(List<Long> cueIds) implements Edit {}

    /** Emphasis 0 is plain, 1 to 4 a voice of the style. */
    record SetEmphasis(List<Long> wordIds, int emphasis) implements Edit {}

    record ConfirmWords(List<Long> wordIds) implements Edit {}

    /** Confirms every word of unlocked cues that was heard at least so surely, 0 to 1. */
    record ConfirmSure(double least) implements Edit {}

    /** The language that the words are in, BCP 47; they stay as they are. */
    record SetLanguage(String language) implements Edit {}

    /** Stops at the neighbours: a time that would cross them is refused. */
    record RetimeWord(long wordId, int startMs, int endMs) implements Edit {}

    record ShiftCues(List<Long> cueIds, int byMs) implements Edit {}

    /** One edge of a word; as far towards {@code toMs} as neighbours let it. */
    record MoveEdge(long wordId, boolean end, int toMs, Push push) implements Edit {}

    /** Words side by side, whole; as far as neighbours let them. */
    record NudgeWords(List<Long> wordIds, int byMs, Push push) implements Edit {}

    /** The cue and everything after it. */
    record ShiftAfter(long cueId, int byMs) implements Edit {}

    /** Cues side by side are made to fill this stretch, all in proportion. */
    record StretchCues(List<Long> cueIds, int startMs, int endMs) implements Edit {}

    /** When a cue shows and goes. Null leaves a time as it is, a time below 0 lets it follow the words again. */
    record SetCueTime(long cueId, Integer showMs, Integer hideMs) implements Edit {}

    /** Gaps up to this length are closed. No cue ids: the track. */
    record BridgeGaps(List<Long> cueIds, int upToMs) implements Edit {}

    /** Cues go when their last word is over. No cue ids: the track. */
    record TrimToSpeech(List<Long> cueIds) implements Edit {}

    /** Cues are shown at least this long, where there is room. No cue ids: the track. */
    record HoldAtLeast(List<Long> cueIds, int leastMs) implements Edit {}

    /** A new cue in a rest, which begins no earlier than {@code fromMs} and ends no later than {@code toMs}. */
    record AddCue(int fromMs, int toMs, String text) implements Edit {}

    /** A word or phrase gives way to another at these places (by first word), or, null, at all that are not locked. */
    record ReplaceText(String find, String with, List<Long> wordIds) implements Edit {}

    /** Cues side by side become one. */
    record JoinRun(List<Long> cueIds) implements Edit {}

    /** Lines as the recipe sets them. */
    record BalanceLines(List<Long> cueIds) implements Edit {}

    /** Breaks made by hand are let go. */
    record ReleaseBreaks(List<Long> cueIds) implements Edit {}

    /** Breaks unlocked words anew, of these cues or, null, of the track; pinned breaks stand unless {@code releasePins}. */
    record Rebreak(Recipe recipe, boolean releasePins, List<Long> cueIds) implements Edit {
        public Rebreak(Recipe recipe, boolean releasePins) {
            this(recipe, releasePins, null);
        }
    }

    record Restyle(String style) implements Edit {}

    record Reframe(Frame frame) implements Edit {}

    record Lock(List<Long> cueIds, boolean locked) implements Edit {}

    /** Words heard or read take the place of all words that start in {@code fromMs..toMs}. */
    record ReplaceWords(String language, List<Word> words, int fromMs, int toMs, List<Unscripted> unscripted)
            implements Edit {
        public ReplaceWords {
            unscripted = unscripted == null ? List.of() : unscripted;
        }

        public ReplaceWords(String language, List<Word> words, int fromMs, int toMs) {
            this(language, words, fromMs, toMs, List.of());
        }
    }

    /** The cues of a caption file take the place of all; their breaks stand. Language null keeps the track's. */
    record BringInCues(String language, List<Cue> cues, String regions) implements Edit {}

    /** Speech that was heard and is not in the script becomes words. */
    record AcceptUnscripted(List<Long> ids) implements Edit {}

    record DropUnscripted(List<Long> ids) implements Edit {}

    record DropWords(List<Long> wordIds) implements Edit {}

    /** Writes all unlocked words by a policy. */
    record Redraft(Policy policy) implements Edit {}
}
