package saltdrum.core.recut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueOverrides;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras;
import saltdrum.core.word.Word;

/**
 * Carries captions over to other footage: words move to where they are spoken there, lost ones are removed, and
 * everything else with a time follows the words around it. Done twice it changes nothing more. Locked cues go too: what
 * they were locked to is gone.
 *
 * @param words where each word is that was found
 * @param lost ids of words that are said no more
 * @param lengthMs of the other footage
 */
public record CarryOver(List<PlacedWord> words, List<Long> lost, int lengthMs) {
    private static final int SHORTEST_MS = 20;
    /** A cue whose words all moved as one, but for rounding. */
    private static final int AS_ONE_MS = 2;

    private static final int LEAST_HEADLINE_MS = 100;

    public CarryOver {
        words = List.copyOf(words);
        lost = List.copyOf(lost);
    }

    /** A word on its way. */
    private record Going(Word word, Cue cue, int place) {}

    public Track on(Track track) {
        Map<Long, PlacedWord> found = new HashMap<>();
        words.forEach(placed -> found.put(placed.wordId(), placed));
        Set<Long> gone = new HashSet<>(lost);
        List<Going> going = new ArrayList<>();
        int by = firstShift(track, found);
        for (Cue cue : track.cues()) {
            for (int i = 0; i < cue.words().size(); i++) {
                Word word = cue.words().get(i);
                PlacedWord placed = found.get(word.id());
                by = placed == null ? by : placed.startMs() - word.startMs();
                int start = placed == null ? word.startMs() + by : placed.startMs();
                int end = placed == null ? word.endMs() + by : placed.endMs();
                if (!gone.contains(word.id()) && end > 0 && start < lengthMs) {
                    going.add(new Going(word.withTime(Math.max(0, start), end), cue, i));
                }
            }
        }
        going.sort(Comparator.comparingInt(one -> one.word.startMs()));
        Ids ids = new Ids(track.nextId());
        List<Cue> cues = cues(inOrder(going), ids);
        Shifts shifts = new Shifts(track, found);
        TrackExtras beside = track.beside()
                .withUnscripted(List.of())
                .withHeadlines(track.beside().headlines().stream()
                        .map(headline -> moved(headline, shifts))
                        .toList());
        return track.withLength(lengthMs)
                .withCues(cues, ids.peek())
                .withBeside(beside)
                .withFrame(moved(track.frame(), shifts));
    }

    private static int firstShift(Track track, Map<Long, PlacedWord> found) {
        return track.words()
                .filter(word -> found.containsKey(word.id()))
                .findFirst()
                .map(word -> found.get(word.id()).startMs() - word.startMs())
                .orElse(0);
    }

    /** One after the other, within the clip; what has no room left is left out. */
    private List<Going> inOrder(List<Going> going) {
        List<Going> ordered = new ArrayList<>();
        int before = 0;
        for (int i = 0; i < going.size(); i++) {
            Word word = going.get(i).word;
            int start = Math.max(before, word.startMs());
            int end = Math.min(lengthMs, Math.max(word.endMs(), start + SHORTEST_MS));
            if (i + 1 < going.size()) {
                // The next one's beginning is heard; an end that reaches beyond it is not.
                end = Math.min(
                        end, Math.max(start + SHORTEST_MS, going.get(i + 1).word.startMs()));
            }
            if (end - start >= SHORTEST_MS) {
                ordered.add(new Going(word.withTime(start, end), going.get(i).cue, going.get(i).place));
                before = end;
            }
        }
        return ordered;
    }

    /** Words of one cue stay together as long as nothing is between them. */
    private static List<Cue> cues(List<Going> going, Ids ids) {
        List<Cue> cues = new ArrayList<>();
        Set<Long> used = new HashSet<>();
        for (int from = 0; from < going.size(); ) {
            Cue cue = going.get(from).cue;
            int to = from + 1;
            while (to < going.size() && going.get(to).cue == cue && going.get(to).place > going.get(to - 1).place) {
                to++;
            }
            List<Going> run = going.subList(from, to);
            List<Word> words = run.stream().map(Going::word).toList();
            long id = used.add(cue.id()) ? cue.id() : ids.next();
            cues.add(new Cue(id, words, lines(cue, run), cue.locked(), given(cue, run), cue.look()));
            from = to;
        }
        return cues;
    }

    /** A line begins at the first of its words that is left. */
    private static List<Integer> lines(Cue cue, List<Going> run) {
        Set<Integer> starts = new LinkedHashSet<>();
        for (int line : cue.lineStarts()) {
            for (int i = 1; i < run.size(); i++) {
                if (run.get(i).place >= line && run.get(i - 1).place < line) {
                    starts.add(i);
                }
            }
        }
        return List.copyOf(starts);
    }

    /** Explicit times of a cue are kept as long as all its words are left. */
    private static CueOverrides given(Cue cue, List<Going> run) {
        if (cue.given() == null) {
            return null;
        }
        int by = run.get(0).word.startMs() - cue.words().get(0).startMs();
        boolean asOne = run.size() == cue.words().size()
                && run.stream()
                        .allMatch(one -> Math.abs(one.word.startMs()
                                        - cue.words().get(one.place).startMs()
                                        - by)
                                <= AS_ONE_MS);
        return asOne
                ? cue.given().moved(by)
                : new CueOverrides(null, null, cue.given().settings());
    }

    private Headline moved(Headline headline, Shifts shifts) {
        int last = Math.max(0, lengthMs - LEAST_HEADLINE_MS);
        int from = headline.fromMs() == 0 ? 0 : Math.min(last, Math.max(0, shifts.moved(headline.fromMs())));
        Integer to = headline.toMs() == null
                ? null
                : Integer.valueOf(
                        Math.max(from + LEAST_HEADLINE_MS, Math.min(lengthMs, shifts.moved(headline.toMs()))));
        return new Headline(headline.id(), headline.text(), from, to, headline.place(), headline.look());
    }

    private Frame moved(Frame frame, Shifts shifts) {
        if (frame.focus().size() < 2) {
            return frame;
        }
        List<Frame.Focus> points = new ArrayList<>();
        Set<Integer> times = new HashSet<>();
        for (Frame.Focus point : frame.focus()) {
            int ms = Math.min(lengthMs, Math.max(0, shifts.moved(point.ms())));
            if (times.add(ms)) {
                points.add(new Frame.Focus(ms, point.x(), point.y()));
            }
        }
        return frame.withFocus(points);
    }

    /** Where a moment went: as far as the word that was said nearest to it. */
    private record Shifts(List<Word> words, Map<Long, PlacedWord> found) {
        Shifts(Track track, Map<Long, PlacedWord> found) {
            this(track.words().filter(word -> found.containsKey(word.id())).toList(), found);
        }

        int moved(int ms) {
            return words.stream()
                    .min(Comparator.comparingInt(
                            word -> ms < word.startMs() ? word.startMs() - ms : Math.max(0, ms - word.endMs())))
                    .map(word -> ms + found.get(word.id()).startMs() - word.startMs())
                    .orElse(ms);
        }
    }

    /** In plain words, for the history and beside undo. */
    public String said() {
        String carried = words.size() == 1 ? "Carry one word over" : "Carry " + words.size() + " words over";
        return lost.isEmpty() ? carried : carried + ", " + lost.size() + (lost.size() == 1 ? " is lost" : " are lost");
    }
}
