package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.LineMeasure;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.BreakEdit.MoveWord;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;

/** Implements edits of where cues and lines break. */
final class BreakEdits {
    private BreakEdits() {}

    static Track split(Track track, long wordId) {
        Cue cue = Edits.unlocked(track.cueOfWord(wordId));
        int at = cue.indexOf(wordId);
        if (at == 0) {
            throw new RefusedEditException("The cue already begins with "
                    + Quoted.of(cue.words().get(0).text()) + ".");
        }
        Ids ids = new Ids(track.nextId());
        List<Word> head = cue.words().subList(0, at);
        List<Word> tail = new ArrayList<>(cue.words().subList(at, cue.words().size()));
        tail.set(0, tail.get(0).withPin(Pin.CUE_BREAK));
        return Edits.replace(
                track,
                track.indexOfCue(cue.id()),
                1,
                List.of(Edits.set(track, cue.id(), head), Edits.set(track, ids.next(), tail)),
                ids.peek());
    }

    static Track splitEvenly(Track track, List<Long> cueIds) {
        Set<Long> wanted = Edits.existing(track, cueIds);
        Track split = track;
        for (Cue cue : track.cues()) {
            if (wanted.contains(cue.id()) && cue.words().size() > 1) {
                split = split(split, cue.words().get(cue.middle()).id());
            }
        }
        if (split.equals(track)) {
            throw new RefusedEditException("A cue of one word cannot be split. Nothing was changed.");
        }
        return split;
    }

    static Track join(Track track, List<Long> cueIds) {
        Set<Long> wanted = Edits.existing(track, cueIds);
        List<Cue> run =
                track.cues().stream().filter(cue -> wanted.contains(cue.id())).toList();
        int index = run.isEmpty() ? 0 : track.indexOfCue(run.get(0).id());
        if (run.size() < 2
                || !track.cues()
                        .subList(index, Math.min(track.cues().size(), index + run.size()))
                        .equals(run)) {
            throw new BadInputException("Only neighbouring cues can be joined.");
        }
        run.forEach(Edits::unlocked);
        List<Word> words = new ArrayList<>(run.get(0).words());
        for (Cue cue : run.subList(1, run.size())) {
            words.add(cue.words().get(0).withPin(Pin.TOGETHER));
            words.addAll(cue.words().subList(1, cue.words().size()));
        }
        Cue joined = Edits.set(track, run.get(0).id(), words);
        return Edits.replace(track, index, run.size(), List.of(joined), track.nextId());
    }

    /** Sets lines as the recipe does and discards line breaks made or removed by a person. */
    static Track balance(Track track, List<Long> cueIds) {
        Set<Long> wanted = Edits.existing(track, cueIds);
        return Edits.eachCue(track, cue -> {
            if (!wanted.contains(cue.id())) {
                return cue;
            }
            Edits.unlocked(cue);
            List<Word> words = new ArrayList<>(cue.words());
            for (int i = 1; i < words.size(); i++) {
                words.set(i, words.get(i).withPin(Pin.FREE));
            }
            return Edits.set(track, cue.id(), words).withGiven(cue.given());
        });
    }

    /** Breaks stay where they are for now; the next re-breaking is free to move them. */
    static Track release(Track track, List<Long> cueIds) {
        Set<Long> wanted = Edits.existing(track, cueIds);
        return Edits.eachCue(track, cue -> {
            if (!wanted.contains(cue.id())) {
                return cue;
            }
            Edits.unlocked(cue);
            return cue.withWords(
                    cue.words().stream().map(word -> word.withPin(Pin.FREE)).toList());
        });
    }

    static Track move(Track track, MoveWord e) {
        Cue cue = Edits.unlocked(track.cueOfWord(e.wordId()));
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
        Cue neighbour = Edits.unlocked(track.cues().get(neighbourIndex));
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
            result.add(Edits.set(track, cue.id(), rest));
        }
        result.add(e.toNext() ? result.size() : 0, Edits.set(track, neighbour.id(), joined));
        return Edits.replace(track, Math.min(index, neighbourIndex), 2, result, track.nextId());
    }

    /** The cue with line breaks by hand before these words; where a line broke elsewhere, its words now stay together. */
    static Cue withLines(Cue cue, List<Integer> starts) {
        List<Word> words = new ArrayList<>(cue.words());
        for (int i = 1; i < words.size(); i++) {
            Word word = words.get(i);
            if (starts.contains(i)) {
                words.set(i, word.withPin(Pin.LINE_BREAK));
            } else if (cue.lineStarts().contains(i) || word.pin() == Pin.LINE_BREAK) {
                words.set(i, word.withPin(Pin.TOGETHER));
            }
        }
        return new Cue(cue.id(), words, starts, cue.locked(), cue.given(), cue.look());
    }

    static Track breakLine(Track track, BreakLine e) {
        Cue cue = Edits.unlocked(track.cueOfWord(e.wordId()));
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
        Cue broken = new Cue(cue.id(), words, starts, false, cue.given(), cue.look());
        return Edits.replace(track, track.indexOfCue(cue.id()), 1, List.of(broken), track.nextId());
    }

    /** Locked cues are not changed and are shown when they were; with a list of cues, neither are all others changed. */
    static Track rebreak(Track track, Rebreak e, LineMeasure measure) {
        Set<Long> wanted = e.cueIds() == null ? null : Edits.existing(track, e.cueIds());
        if (wanted != null && wanted.isEmpty()) {
            throw new RefusedEditException("No cues are named. Name the cues to break again; nothing was changed.");
        }
        if (wanted != null && track.cues().stream().allMatch(cue -> !wanted.contains(cue.id()) || cue.locked())) {
            Edits.unlocked(track.cues().get(track.indexOfCue(e.cueIds().get(0))));
        }
        Ids ids = new Ids(track.nextId());
        List<Cue> result = new ArrayList<>();
        List<Word> run = new ArrayList<>();
        for (Cue cue : track.cues()) {
            if (cue.locked() || wanted != null && !wanted.contains(cue.id())) {
                result.addAll(Breaker.cues(run, e.recipe(), track.language(), ids, measure));
                run.clear();
                result.add(cue);
            } else {
                cue.words().forEach(word -> run.add(e.releasePins() ? word.withPin(Pin.FREE) : word));
            }
        }
        result.addAll(Breaker.cues(run, e.recipe(), track.language(), ids, measure));
        Track broken = (wanted == null ? track.withRecipe(e.recipe()) : track).withCues(result, ids.peek());
        return ShowingEdits.lockedAsBefore(track, broken);
    }
}
