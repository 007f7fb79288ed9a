package saltdrum.core.edit.fitted;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import saltdrum.core.cue.Breaker;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.LineMeasure;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.ImportEdit;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.word.Word;

/**
 * Lets breaks made by a recipe follow the look. Where its style, its frame or its words change, cues that a recipe broke
 * are broken again so that their lines fit. Breaks and times that were set by hand stay, and so do the cues of a file,
 * which only get lines that fit.
 */
public final class FittedBreaks {
    private FittedBreaks() {}

    /**
     * The track after a change, with breaks that fit.
     *
     * @param edit that made the change; null for a piece of work
     * @param clip size of the clip's upright picture in pixels
     * @param measures the measure of a track's look
     */
    public static Track followed(
            Track before, Track after, Edit edit, Size clip, Function<Track, LineMeasure> measures) {
        if (edit instanceof Rebreak again) {
            return settled(before, again.on(before, measures.apply(after)));
        }
        boolean other = lookChanged(before, after, clip);
        boolean fitted = after.recipe().fitted();
        boolean same = !other && before.cues().equals(after.cues());
        if (same || after.cues().isEmpty() || !fitted && !other && !brought(edit)) {
            return after;
        }
        LineMeasure measure = measures.apply(after);
        Set<Long> known = before.words().map(Word::id).collect(Collectors.toSet());
        List<Long> again = after.cues().stream()
                .filter(cue -> fitted && !cue.locked() && cue.given() == null)
                .filter(cue ->
                        other || brought(edit) && cue.words().stream().noneMatch(word -> known.contains(word.id())))
                .map(Cue::id)
                .toList();
        Track broken = again.isEmpty() ? after : new Rebreak(after.recipe(), false, again).on(after, measure);
        Set<Cue> unchanged = new HashSet<>(other ? List.of() : before.cues());
        after.cues().stream().filter(cue -> setsLinesOf(cue, edit)).forEach(unchanged::add);
        return settled(after, lined(broken, unchanged, measure));
    }

    private static boolean lookChanged(Track before, Track after, Size clip) {
        return !before.style().equals(after.style())
                || !before.styling().all().equals(after.styling().all())
                || !design(before, clip).equals(design(after, clip))
                || !before.frame().covered().equals(after.frame().covered())
                || !before.language().equals(after.language());
    }

    private static Size design(Track track, Size clip) {
        return track.frame().output(clip).design();
    }

    /** Whole stretches of words came from outside, be it by work or from a file. */
    private static boolean brought(Edit edit) {
        return edit == null || edit instanceof ImportEdit;
    }

    /** Whether the change is about the lines of this cue: they stay as a person set them, however long they are. */
    private static boolean setsLinesOf(Cue cue, Edit edit) {
        if (edit instanceof BreakLine line) {
            return cue.words().stream().anyMatch(word -> word.id() == line.wordId());
        }
        return edit instanceof RetypeCue typed && typed.cueId() == cue.id() && Boolean.TRUE.equals(typed.asLines());
    }

    /** Other cues whose lines do not fit get other lines, but for those whose lines were broken by hand. */
    private static Track lined(Track track, Set<Cue> unchanged, LineMeasure measure) {
        List<Cue> cues = new ArrayList<>();
        for (Cue cue : track.cues()) {
            cues.add(
                    cue.locked() || cue.linesByHand() || unchanged.contains(cue) || fits(cue, measure)
                            ? cue
                            : new Cue(
                                    cue.id(),
                                    cue.words(),
                                    Breaker.lines(
                                            cue.words(), track.recipe().asFitted(true), track.language(), measure),
                                    false,
                                    cue.given(),
                                    cue.look()));
        }
        return cues.equals(track.cues()) ? track : track.withCues(cues, track.nextId());
    }

    private static boolean fits(Cue cue, LineMeasure measure) {
        LineMeasure.Lines lines = measure.of(cue.words(), cue.lineStarts().size() + 1);
        int from = 0;
        for (int i = 0; i <= cue.lineStarts().size(); i++) {
            int to = i < cue.lineStarts().size()
                    ? cue.lineStarts().get(i)
                    : cue.words().size();
            if (!lines.fit(from, to)) {
                return false;
            }
            from = to;
        }
        return true;
    }

    /** Cues that came out as they were stay the same cues. */
    private static Track settled(Track after, Track broken) {
        Map<List<Word>, Cue> were = new HashMap<>();
        after.cues().forEach(cue -> were.put(cue.words(), cue));
        List<Cue> cues = broken.cues().stream()
                .map(cue -> {
                    Cue was = were.get(cue.words());
                    return was != null && was.lineStarts().equals(cue.lineStarts()) ? was : cue;
                })
                .toList();
        return cues.equals(after.cues()) && broken.recipe().equals(after.recipe())
                ? after
                : broken.withCues(cues, broken.nextId());
    }
}
