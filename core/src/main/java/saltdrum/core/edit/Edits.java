package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Beside;
import saltdrum.core.cue.Beside.Unscripted;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.Draft;
import saltdrum.core.draft.Policy;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;

/** Applies edits. Pure and total: the answer is a whole valid track or a refusal, and the given track is untouched. */
public final class Edits {
    private Edits() {}

    /**
     * @throws RefusedEditException when a locked cue or a neighbour stands in the way
     * @throws BadInputException when the edit names what is not there or holds what cannot be
     */
    public static Track apply(Track track, Edit edit) {
        if (edit instanceof Edit.RetypeCue e) {
            return retype(track, e);
        } else if (edit instanceof Edit.SplitCue e) {
            return split(track, e.wordId());
        } else if (edit instanceof Edit.JoinCues e) {
            return join(track, e.cueId());
        } else if (edit instanceof Edit.MoveWord e) {
            return move(track, e);
        } else if (edit instanceof Edit.BreakLine e) {
            return breakLine(track, e);
        } else if (edit instanceof Edit.DeleteCues e) {
            return delete(track, e.cueIds());
        } else if (edit instanceof Edit.SetEmphasis e) {
            return eachWord(track, e.wordIds(), word -> word.withEmphasis(e.emphasis()));
        } else if (edit instanceof Edit.ConfirmWords e) {
            return eachWord(track, e.wordIds(), Word::confirmed);
        } else if (edit instanceof Edit.RetimeWord e) {
            return retime(track, e);
        } else if (edit instanceof Edit.ShiftCues e) {
            return shift(track, e);
        } else if (edit instanceof Edit.Rebreak e) {
            return rebreak(track, e);
        } else if (edit instanceof Edit.Restyle e) {
            return track.withStyle(e.style());
        } else if (edit instanceof Edit.Reframe e) {
            return track.withFrame(e.frame());
        } else if (edit instanceof Edit.Lock e) {
            Set<Long> wanted = existing(track, e.cueIds());
            return eachCue(track, cue -> wanted.contains(cue.id()) ? cue.withLocked(e.locked()) : cue);
        } else if (edit instanceof Edit.ReplaceWords e) {
            return replaceWords(track, e);
        } else if (edit instanceof Edit.BringInCues e) {
            return bringIn(track, e);
        } else if (edit instanceof Edit.AcceptUnscripted e) {
            return FlaggedEdits.accept(track, e.ids());
        } else if (edit instanceof Edit.DropUnscripted e) {
            return FlaggedEdits.drop(track, e.ids());
        } else if (edit instanceof Edit.DropWords e) {
            return FlaggedEdits.dropWords(track, e.wordIds());
        } else if (edit instanceof Edit.Redraft e) {
            return redraft(track, e.policy());
        }
        throw new IllegalStateException("No rule for " + edit);
    }

    private static Track retype(Track track, Edit.RetypeCue e) {
        int index = track.indexOfCue(e.cueId());
        Cue cue = unlocked(track.cues().get(index));
        List<String> typed = Tokens.split(e.text());
        if (typed.isEmpty()) {
            return delete(track, List.of(e.cueId()));
        }
        int floor = index == 0 ? 0 : track.cues().get(index - 1).lastWordMs();
        int ceiling = index + 1 == track.cues().size()
                ? Integer.MAX_VALUE
                : track.cues().get(index + 1).firstWordMs();
        Ids ids = new Ids(track.nextId());
        List<Word> words = Reconcile.words(cue.words(), typed, floor, ceiling, ids);
        Cue retyped = words.size() == cue.words().size()
                ? cue.withWords(words)
                : set(track, cue.id(), words).withGiven(cue.given());
        return replace(track, index, 1, List.of(retyped), ids.peek());
    }

    private static Track split(Track track, long wordId) {
        Cue cue = unlocked(track.cueOfWord(wordId));
        int at = cue.indexOf(wordId);
        if (at == 0) {
            throw new RefusedEditException(
                    "The cue already begins with “" + cue.words().get(0).text() + "”.");
        }
        Ids ids = new Ids(track.nextId());
        List<Word> head = cue.words().subList(0, at);
        List<Word> tail = new ArrayList<>(cue.words().subList(at, cue.words().size()));
        tail.set(0, tail.get(0).withPin(Pin.CUE_BREAK));
        return replace(
                track,
                track.indexOfCue(cue.id()),
                1,
                List.of(set(track, cue.id(), head), set(track, ids.next(), tail)),
                ids.peek());
    }

    private static Track join(Track track, long cueId) {
        int index = track.indexOfCue(cueId);
        if (index + 1 == track.cues().size()) {
            throw new RefusedEditException("There is no cue after this one to join.");
        }
        Cue first = unlocked(track.cues().get(index));
        Cue second = unlocked(track.cues().get(index + 1));
        List<Word> words = new ArrayList<>(first.words());
        words.add(second.words().get(0).withPin(Pin.TOGETHER));
        words.addAll(second.words().subList(1, second.words().size()));
        return replace(track, index, 2, List.of(set(track, first.id(), words)), track.nextId());
    }

    private static Track move(Track track, Edit.MoveWord e) {
        Cue cue = unlocked(track.cueOfWord(e.wordId()));
        int index = track.indexOfCue(cue.id());
        int neighbourIndex = e.toNext() ? index + 1 : index - 1;
        if (neighbourIndex < 0 || neighbourIndex >= track.cues().size()) {
            throw new RefusedEditException("There is no cue " + (e.toNext() ? "after" : "before") + " this one.");
        }
        int at = cue.indexOf(e.wordId());
        int edge = e.toNext() ? cue.words().size() - 1 : 0;
        if (at != edge) {
            throw new RefusedEditException(
                    "Only the " + (e.toNext() ? "last" : "first") + " word of a cue can go over that way.");
        }
        Cue neighbour = unlocked(track.cues().get(neighbourIndex));
        List<Word> rest = new ArrayList<>(cue.words());
        Word moved = rest.remove(at);
        List<Word> joined = new ArrayList<>(neighbour.words());
        if (e.toNext()) {
            joined.set(0, joined.get(0).withPin(Pin.FREE));
            joined.add(0, moved.withPin(Pin.CUE_BREAK));
        } else {
            joined.add(moved.withPin(Pin.FREE));
            if (!rest.isEmpty()) {
                rest.set(0, rest.get(0).withPin(Pin.CUE_BREAK));
            }
        }
        List<Cue> result = new ArrayList<>();
        if (!rest.isEmpty()) {
            result.add(set(track, cue.id(), rest));
        }
        result.add(e.toNext() ? result.size() : 0, set(track, neighbour.id(), joined));
        return replace(track, Math.min(index, neighbourIndex), 2, result, track.nextId());
    }

    private static Track breakLine(Track track, Edit.BreakLine e) {
        Cue cue = unlocked(track.cueOfWord(e.wordId()));
        int at = cue.indexOf(e.wordId());
        if (at == 0) {
            throw new RefusedEditException("A cue's first word already begins a line.");
        }
        List<Word> words = new ArrayList<>(cue.words());
        words.set(at, words.get(at).withPin(e.broken() ? Pin.LINE_BREAK : Pin.TOGETHER));
        List<Integer> starts = new ArrayList<>(cue.lineStarts());
        starts.remove((Integer) at);
        if (e.broken()) {
            starts.add(at);
            starts.sort(null);
        }
        Cue broken = new Cue(cue.id(), words, starts, false, cue.given());
        return replace(track, track.indexOfCue(cue.id()), 1, List.of(broken), track.nextId());
    }

    private static Track delete(Track track, List<Long> cueIds) {
        Set<Long> gone = existing(track, cueIds);
        track.cues().stream().filter(cue -> gone.contains(cue.id())).forEach(Edits::unlocked);
        return track.withCues(
                track.cues().stream().filter(cue -> !gone.contains(cue.id())).toList(), track.nextId());
    }

    private static Track retime(Track track, Edit.RetimeWord e) {
        Cue cue = unlocked(track.cueOfWord(e.wordId()));
        List<Word> all = track.words().toList();
        int at = 0;
        while (all.get(at).id() != e.wordId()) {
            at++;
        }
        if (at > 0 && e.startMs() < all.get(at - 1).endMs()) {
            throw new RefusedEditException("“" + all.get(at).text() + "” cannot start before “"
                    + all.get(at - 1).text() + "” ends.");
        }
        if (at + 1 < all.size() && e.endMs() > all.get(at + 1).startMs()) {
            throw new RefusedEditException("“" + all.get(at).text() + "” cannot end after “"
                    + all.get(at + 1).text() + "” starts.");
        }
        List<Word> words = new ArrayList<>(cue.words());
        int inCue = cue.indexOf(e.wordId());
        words.set(inCue, words.get(inCue).withTime(e.startMs(), e.endMs()));
        return replace(track, track.indexOfCue(cue.id()), 1, List.of(cue.withWords(words)), track.nextId());
    }

    private static Track shift(Track track, Edit.ShiftCues e) {
        Set<Long> moved = existing(track, e.cueIds());
        try {
            return eachCue(track, cue -> {
                if (!moved.contains(cue.id())) {
                    return cue;
                }
                unlocked(cue);
                return cue.withWords(cue.words().stream()
                                .map(word -> word.withTime(word.startMs() + e.byMs(), word.endMs() + e.byMs()))
                                .toList())
                        .withGiven(cue.given() == null ? null : cue.given().moved(e.byMs()));
            });
        } catch (BadInputException refused) {
            throw new RefusedEditException("The shift stops at a neighbour. " + refused.getMessage());
        }
    }

    private static Track rebreak(Track track, Edit.Rebreak e) {
        Ids ids = new Ids(track.nextId());
        List<Cue> result = new ArrayList<>();
        List<Word> run = new ArrayList<>();
        for (Cue cue : track.cues()) {
            if (cue.locked()) {
                result.addAll(Breaker.cues(run, e.recipe(), track.language(), ids));
                run.clear();
                result.add(cue);
            } else {
                cue.words().forEach(word -> run.add(e.releasePins() ? word.withPin(Pin.FREE) : word));
            }
        }
        result.addAll(Breaker.cues(run, e.recipe(), track.language(), ids));
        return track.withRecipe(e.recipe()).withCues(result, ids.peek());
    }

    private static Track bringIn(Track track, Edit.BringInCues e) {
        track.cues().forEach(Edits::unlocked);
        Ids ids = new Ids(track.nextId());
        List<Cue> cues = e.cues().stream()
                .map(cue -> new Cue(
                        ids.next(),
                        cue.words().stream()
                                .map(word -> word.withId(ids.next()))
                                .toList(),
                        cue.lineStarts(),
                        false,
                        cue.given()))
                .toList();
        String language = e.language() == null ? track.language() : e.language();
        return track.withLanguage(language).withCues(cues, ids.peek()).withBeside(new Beside(List.of(), e.regions()));
    }

    /** Each run of cues between locked ones is written anew; words keep their cues, joined words stay in the first's. */
    private static Track redraft(Track track, Policy policy) {
        Map<Long, Word> written = new HashMap<>();
        List<Word> run = new ArrayList<>();
        for (Cue cue : track.cues()) {
            if (cue.locked()) {
                Draft.write(run, policy).forEach(word -> written.put(word.id(), word));
                run.clear();
            } else {
                run.addAll(cue.words());
            }
        }
        Draft.write(run, policy).forEach(word -> written.put(word.id(), word));
        List<Cue> cues = new ArrayList<>();
        for (Cue cue : track.cues()) {
            if (cue.locked()) {
                cues.add(cue);
                continue;
            }
            List<Word> words = cue.words().stream()
                    .filter(word -> written.containsKey(word.id()))
                    .map(word -> written.get(word.id()))
                    .toList();
            if (words.size() == cue.words().size()) {
                cues.add(cue.withWords(words));
            } else if (!words.isEmpty()) {
                cues.add(set(track, cue.id(), words));
            }
        }
        return track.withCues(cues, track.nextId());
    }

    private static Track replaceWords(Track track, Edit.ReplaceWords e) {
        for (Cue cue : track.cues()) {
            if (cue.locked() && cue.words().stream().anyMatch(word -> inRange(word, e))) {
                unlocked(cue);
            }
        }
        Ids ids = new Ids(track.nextId());
        List<Word> kept = track.words().filter(word -> !inRange(word, e)).toList();
        int floor = kept.stream()
                .filter(w -> w.startMs() < e.fromMs())
                .mapToInt(Word::endMs)
                .max()
                .orElse(0);
        int ceiling = kept.stream()
                .filter(w -> w.startMs() >= e.toMs())
                .mapToInt(Word::startMs)
                .min()
                .orElse(Integer.MAX_VALUE);
        List<Word> fresh = e.words().stream()
                .filter(word -> word.startMs() < ceiling - 1 && word.endMs() > floor + 1)
                .map(word -> word.withTime(Math.max(floor, word.startMs()), Math.min(ceiling, word.endMs())))
                .map(word -> word.withId(ids.next()))
                .toList();
        // Whole cues outside the range stay as they are; what is left of a cue that straddles it is broken anew.
        List<Cue> result = new ArrayList<>();
        List<Word> run = new ArrayList<>();
        boolean placed = false;
        for (Cue cue : track.cues()) {
            boolean after = cue.firstWordMs() >= e.toMs();
            if (after && !placed) {
                run.addAll(fresh);
                placed = true;
            }
            boolean whole = cue.words().stream().noneMatch(word -> inRange(word, e));
            if (whole && !(cue.firstWordMs() < e.fromMs() && cue.lastWordMs() > e.toMs())) {
                result.addAll(Breaker.cues(sorted(run), track.recipe(), e.language(), ids));
                run.clear();
                result.add(cue);
            } else {
                cue.words().stream().filter(word -> !inRange(word, e)).forEach(run::add);
            }
        }
        if (!placed) {
            run.addAll(fresh);
        }
        result.addAll(Breaker.cues(sorted(run), track.recipe(), e.language(), ids));
        List<Unscripted> beside = track.beside().unscripted().stream()
                .filter(heard -> heard.startMs() < e.fromMs() || heard.startMs() >= e.toMs())
                .collect(Collectors.toCollection(ArrayList::new));
        e.unscripted()
                .forEach(heard -> beside.add(new Unscripted(ids.next(), heard.startMs(), heard.endMs(), heard.text())));
        beside.sort(Comparator.comparingInt(Unscripted::startMs));
        return track.withLanguage(e.language())
                .withCues(result, ids.peek())
                .withBeside(track.beside().withUnscripted(beside));
    }

    private static List<Word> sorted(List<Word> words) {
        return words.stream()
                .sorted(java.util.Comparator.comparingInt(Word::startMs))
                .toList();
    }

    private static boolean inRange(Word word, Edit.ReplaceWords e) {
        return word.startMs() >= e.fromMs() && word.startMs() < e.toMs();
    }

    private static Track eachWord(Track track, List<Long> wordIds, UnaryOperator<Word> change) {
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

    private static Track eachCue(Track track, UnaryOperator<Cue> change) {
        return track.withCues(track.cues().stream().map(change).toList(), track.nextId());
    }

    private static Set<Long> existing(Track track, List<Long> cueIds) {
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

    private static Track replace(Track track, int from, int count, List<Cue> with, long nextId) {
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
