package saltdrum.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.TimingEdit.MoveEdge;
import saltdrum.core.edit.TimingEdit.NudgeWords;
import saltdrum.core.edit.TimingEdit.PushMode;
import saltdrum.core.edit.TimingEdit.RetimeWord;
import saltdrum.core.edit.TimingEdit.ShiftAfter;
import saltdrum.core.edit.TimingEdit.ShiftCues;
import saltdrum.core.edit.TimingEdit.StretchCues;
import saltdrum.core.merge.WordTimes;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/** Implements edits of word times: moves edges, words and runs without overlaps. */
final class TimingEdits {
    private TimingEdits() {}

    static Track retime(Track track, RetimeWord e) {
        Edits.unlocked(track.cueOfWord(e.wordId()));
        WordTimes times = new WordTimes(track);
        int at = times.indexOf(e.wordId());
        String text = times.words.get(at).text();
        if (times.exists(at - 1) && e.startMs() < times.end[at - 1]) {
            throw new RefusedEditException(Quoted.of(text) + " cannot start before “"
                    + times.words.get(at - 1).text() + "” ends.");
        }
        if (times.exists(at + 1) && e.endMs() > times.start[at + 1]) {
            throw new RefusedEditException(Quoted.of(text) + " cannot end after “"
                    + times.words.get(at + 1).text() + "” starts.");
        }
        if (e.endMs() > times.endMs()) {
            throw new RefusedEditException(Quoted.of(text) + " cannot end after the clip does. Nothing was changed.");
        }
        times.start[at] = e.startMs();
        times.end[at] = e.endMs();
        return times.back();
    }

    static Track moveEdge(Track track, MoveEdge e) {
        Edits.unlocked(track.cueOfWord(e.wordId()));
        WordTimes times = new WordTimes(track);
        int at = times.indexOf(e.wordId());
        if (e.end()) {
            moveEnd(times, at, e.toMs(), e.push());
        } else {
            moveStart(times, at, e.toMs(), e.push());
        }
        return times.back();
    }

    private static void moveEnd(WordTimes times, int at, int toMs, PushMode push) {
        int to = Math.max(times.start[at] + times.least(at), toMs);
        int next = at + 1;
        boolean touches = times.exists(next) && times.start[next] == times.end[at];
        if (push == PushMode.FOLLOW && touches && times.free(next)) {
            to = Math.min(to, times.end[next] - times.least(next));
            times.start[next] = to;
        } else if (push == PushMode.PUSH && times.exists(next)) {
            to = Math.min(to, times.latestStart(next));
        } else if (times.exists(next)) {
            to = Math.min(to, times.start[next]);
        } else {
            to = Math.min(to, times.endMs());
        }
        times.end[at] = to;
        times.pushOn(next);
    }

    private static void moveStart(WordTimes times, int at, int toMs, PushMode push) {
        int to = Math.max(0, Math.min(times.end[at] - times.least(at), toMs));
        int before = at - 1;
        boolean touches = times.exists(before) && times.end[before] == times.start[at];
        if (push == PushMode.FOLLOW && touches && times.free(before)) {
            to = Math.max(to, times.start[before] + times.least(before));
            times.end[before] = to;
        } else if (push == PushMode.PUSH && times.exists(before)) {
            to = Math.max(to, times.earliestEnd(before));
        } else if (times.exists(before)) {
            to = Math.max(to, times.end[before]);
        }
        times.start[at] = to;
        times.pushBack(before);
    }

    static Track nudge(Track track, NudgeWords e) {
        e.wordIds().forEach(id -> Edits.unlocked(track.cueOfWord(id)));
        WordTimes times = new WordTimes(track);
        int[] run = e.wordIds().stream().mapToInt(times::indexOf).sorted().toArray();
        if (run.length == 0 || run[run.length - 1] - run[0] != run.length - 1) {
            throw new BadInputException("Only neighbouring words can be moved together.");
        }
        int first = run[0];
        int last = run[run.length - 1];
        int by = within(times, first, last, e.byMs(), e.push() == PushMode.PUSH);
        if (by == 0 && e.byMs() != 0) {
            Word wall = times.exists(e.byMs() > 0 ? last + 1 : first - 1)
                    ? times.words.get(e.byMs() > 0 ? last + 1 : first - 1)
                    : null;
            throw new RefusedEditException(
                    wall == null
                            ? "The clip " + (e.byMs() > 0 ? "ends" : "begins") + " here: there is no room."
                            : Quoted.of(wall.text()) + " is in the way. Push it, or move it first.");
        }
        for (int i = first; i <= last; i++) {
            times.start[i] += by;
            times.end[i] += by;
        }
        times.pushOn(last + 1);
        times.pushBack(first - 1);
        return times.back();
    }

    private static int within(WordTimes times, int first, int last, int by, boolean push) {
        int latest =
                !times.exists(last + 1) ? times.endMs() : push ? times.latestStart(last + 1) : times.start[last + 1];
        int earliest = !times.exists(first - 1) ? 0 : push ? times.earliestEnd(first - 1) : times.end[first - 1];
        return Math.max(earliest - times.start[first], Math.min(latest - times.end[last], by));
    }

    static Track shift(Track track, ShiftCues e) {
        Set<Long> moved = Edits.existing(track, e.cueIds());
        try {
            return Edits.eachCue(track, cue -> {
                if (!moved.contains(cue.id())) {
                    return cue;
                }
                Edits.unlocked(cue);
                if (e.byMs() > 0 && cue.lastWordMs() + (long) e.byMs() > track.endMs()) {
                    throw new BadInputException(Quoted.of(cue.text()) + " would end after the clip does.");
                }
                return cue.withWords(cue.words().stream()
                                .map(word -> word.withTime(word.startMs() + e.byMs(), word.endMs() + e.byMs()))
                                .toList())
                        .withGiven(cue.given() == null ? null : cue.given().moved(e.byMs()));
            });
        } catch (BadInputException refused) {
            throw new RefusedEditException("These cues cannot move that far. " + refused.getMessage());
        }
    }

    /** The cue and all after it. */
    static Track shiftAfter(Track track, ShiftAfter e) {
        List<Long> ids = track
                .cues()
                .subList(track.indexOfCue(e.cueId()), track.cues().size())
                .stream()
                .map(Cue::id)
                .toList();
        return shift(track, new ShiftCues(ids, e.byMs()));
    }

    /** A run of cues is drawn out or pressed together to fit a stretch of time, all words in proportion. */
    static Track stretch(Track track, StretchCues e) {
        Set<Long> wanted = new HashSet<>(e.cueIds());
        e.cueIds().forEach(id -> Edits.unlocked(track.cues().get(track.indexOfCue(id))));
        WordTimes times = new WordTimes(track);
        List<Word> run = track.cues().stream()
                .filter(cue -> wanted.contains(cue.id()))
                .flatMap(cue -> cue.words().stream())
                .toList();
        if (run.isEmpty()) {
            throw new BadInputException("Choose the cues to stretch.");
        }
        int first = times.indexOf(run.get(0).id());
        int last = first + run.size() - 1;
        if (last >= times.words.size()
                || times.words.get(last).id() != run.get(run.size() - 1).id()) {
            throw new BadInputException("Only neighbouring cues can be stretched together.");
        }
        if (e.startMs() < 0 || e.endMs() - e.startMs() < run.size() * WordTimes.LEAST_MS) {
            throw new RefusedEditException(run.size() + " words need at least " + run.size() * WordTimes.LEAST_MS
                    + " ms. Nothing was changed.");
        }
        if (e.endMs() > times.endMs()) {
            throw new RefusedEditException("The words would end after the clip does. Nothing was changed.");
        }
        if (times.exists(first - 1) && e.startMs() < times.end[first - 1]
                || times.exists(last + 1) && e.endMs() > times.start[last + 1]) {
            throw new RefusedEditException("The neighbours leave less room than that. Nothing was changed.");
        }
        double scale = (e.endMs() - e.startMs()) / (double) (times.end[last] - times.start[first]);
        int origin = times.start[first];
        int before = e.startMs();
        for (int i = first; i <= last; i++) {
            // Every word keeps a millisecond, however small, and leaves one for each that follows.
            int ceiling = e.endMs() - (last - i);
            int start = (int) Math.round(e.startMs() + (times.start[i] - origin) * scale);
            int end = (int) Math.round(e.startMs() + (times.end[i] - origin) * scale);
            times.start[i] = Math.min(ceiling - 1, Math.max(before, start));
            times.end[i] = Math.min(ceiling, Math.max(times.start[i] + 1, end));
            before = times.end[i];
        }
        return times.back();
    }
}
