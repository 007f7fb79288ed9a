package saltdrum.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Applies edits. Pure and total: the answer is a whole valid track or a refusal, and the given track is untouched. */
public final class Edits {
    private Edits() {}

    /**
     * @throws RefusedEditException when a locked cue or a neighbour stands in the way
     * @throws BadInputException when the edit names what is not there or holds what cannot be
     */
    public static Track apply(Track track, Edit edit) {
        if (edit instanceof Edit.RetypeCue e) {
            return TextEdits.retype(track, e);
        } else if (edit instanceof Edit.SplitCue e) {
            return BreakEdits.split(track, e.wordId());
        } else if (edit instanceof Edit.JoinCues e) {
            return BreakEdits.join(track, List.of(e.cueId(), nextOf(track, e.cueId())));
        } else if (edit instanceof Edit.JoinRun e) {
            return BreakEdits.join(track, e.cueIds());
        } else if (edit instanceof Edit.MoveWord e) {
            return BreakEdits.move(track, e);
        } else if (edit instanceof Edit.BreakLine e) {
            return BreakEdits.breakLine(track, e);
        } else if (edit instanceof Edit.BalanceLines e) {
            return BreakEdits.balance(track, e.cueIds());
        } else if (edit instanceof Edit.ReleaseBreaks e) {
            return BreakEdits.release(track, e.cueIds());
        } else if (edit instanceof Edit.DeleteCues e) {
            return delete(track, e.cueIds());
        } else if (edit instanceof Edit.SetEmphasis e) {
            return eachWord(track, e.wordIds(), word -> word.withEmphasis(e.emphasis()));
        } else if (edit instanceof Edit.ConfirmWords e) {
            return eachWord(track, e.wordIds(), Word::confirmed);
        } else if (edit instanceof Edit.ConfirmSure e) {
            return confirmSure(track, e.least());
        } else if (edit instanceof Edit.SetLanguage e) {
            return track.withLanguage(language(e.language()));
        } else if (edit instanceof Edit.RetimeWord e) {
            return TimingEdits.retime(track, e);
        } else if (edit instanceof Edit.MoveEdge e) {
            return TimingEdits.moveEdge(track, e);
        } else if (edit instanceof Edit.NudgeWords e) {
            return TimingEdits.nudge(track, e);
        } else if (edit instanceof Edit.ShiftAfter e) {
            return TimingEdits.shiftAfter(track, e);
        } else if (edit instanceof Edit.StretchCues e) {
            return TimingEdits.stretch(track, e);
        } else if (edit instanceof Edit.SetCueTime e) {
            return ShowingEdits.set(track, e);
        } else if (edit instanceof Edit.BridgeGaps e) {
            return ShowingEdits.bridge(track, e);
        } else if (edit instanceof Edit.TrimToSpeech e) {
            return ShowingEdits.trim(track, e);
        } else if (edit instanceof Edit.HoldAtLeast e) {
            return ShowingEdits.hold(track, e);
        } else if (edit instanceof Edit.AddCue e) {
            return TextEdits.add(track, e);
        } else if (edit instanceof Edit.ReplaceText e) {
            return Places.replace(track, e);
        } else if (edit instanceof Edit.ShiftCues e) {
            return TimingEdits.shift(track, e);
        } else if (edit instanceof Edit.Rebreak e) {
            return BreakEdits.rebreak(track, e);
        } else if (edit instanceof Edit.Restyle e) {
            return track.withStyle(e.style());
        } else if (edit instanceof Edit.Reframe e) {
            return track.withFrame(e.frame());
        } else if (edit instanceof Edit.Lock e) {
            Set<Long> wanted = existing(track, e.cueIds());
            return eachCue(track, cue -> wanted.contains(cue.id()) ? cue.withLocked(e.locked()) : cue);
        } else if (edit instanceof Edit.ReplaceWords e) {
            return BringInEdits.replaceWords(track, e);
        } else if (edit instanceof Edit.BringInCues e) {
            return BringInEdits.bringIn(track, e);
        } else if (edit instanceof Edit.AcceptUnscripted e) {
            return FlaggedEdits.accept(track, e.ids());
        } else if (edit instanceof Edit.DropUnscripted e) {
            return FlaggedEdits.drop(track, e.ids());
        } else if (edit instanceof Edit.DropWords e) {
            return FlaggedEdits.dropWords(track, e.wordIds());
        } else if (edit instanceof Edit.Redraft e) {
            return TextEdits.redraft(track, e.policy());
        }
        throw new IllegalStateException("No rule for " + edit);
    }

    private static long nextOf(Track track, long cueId) {
        int index = track.indexOfCue(cueId);
        if (index + 1 == track.cues().size()) {
            throw new RefusedEditException("There is no cue after this one to join.");
        }
        return track.cues().get(index + 1).id();
    }

    static Track delete(Track track, List<Long> cueIds) {
        Set<Long> gone = existing(track, cueIds);
        track.cues().stream().filter(cue -> gone.contains(cue.id())).forEach(Edits::unlocked);
        return track.withCues(
                track.cues().stream().filter(cue -> !gone.contains(cue.id())).toList(), track.nextId());
    }

    private static Track confirmSure(Track track, double least) {
        Track confirmed = eachCue(
                track,
                cue -> cue.locked()
                        ? cue
                        : cue.withWords(cue.words().stream()
                                .map(word -> word.unsure(least) || word.source() != WordSource.RECOGNISED
                                        ? word
                                        : word.confirmed())
                                .toList()));
        if (confirmed.equals(track)) {
            throw new RefusedEditException("No word is sure enough and not confirmed yet. Nothing was changed.");
        }
        return confirmed;
    }

    private static String language(String tag) {
        String language = Locale.forLanguageTag(String.valueOf(tag)).getLanguage();
        if (language.isEmpty()) {
            throw new BadInputException("“" + tag + "” is no language's tag. Choose one of the list.");
        }
        return tag;
    }

    static Track eachWord(Track track, List<Long> wordIds, UnaryOperator<Word> change) {
        Set<Long> wanted = new HashSet<>(wordIds);
        Set<Long> seen = new HashSet<>();
        Track changed = eachCue(track, cue -> {
            if (cue.words().stream().noneMatch(word -> wanted.contains(word.id()))) {
                return cue;
            }
            unlocked(cue);
            return cue.withWords(cue.words().stream()
                    .map(word -> wanted.contains(word.id()) && seen.add(word.id()) ? change.apply(word) : word)
                    .toList());
        });
        if (seen.size() < wanted.size()) {
            throw new BadInputException("A word of this change is not there any more. Nothing was changed.");
        }
        return changed;
    }

    static Track eachCue(Track track, UnaryOperator<Cue> change) {
        return track.withCues(track.cues().stream().map(change).toList(), track.nextId());
    }

    static Set<Long> existing(Track track, List<Long> cueIds) {
        cueIds.forEach(track::indexOfCue);
        return new HashSet<>(cueIds);
    }

    static Cue unlocked(Cue cue) {
        if (cue.locked()) {
            throw new RefusedEditException(
                    "The cue “" + cue.text() + "” is locked. Unlock it first; nothing was changed.");
        }
        return cue;
    }

    static Cue set(Track track, long id, List<Word> words) {
        return new Cue(id, words, Breaker.lines(words, track.recipe(), track.language()), false);
    }

    static Track replace(Track track, int from, int count, List<Cue> with, long nextId) {
        return track.withCues(
                Stream.of(
                                track.cues().subList(0, from),
                                with,
                                track.cues().subList(from + count, track.cues().size()))
                        .flatMap(List::stream)
                        .toList(),
                nextId);
    }
}
