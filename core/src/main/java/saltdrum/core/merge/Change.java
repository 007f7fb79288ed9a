package saltdrum.core.merge;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras;
import saltdrum.core.look.Styling;

/**
 * The difference between two states of a track: from one cue on, some were taken out and others put in.
 *
 * @param from index of the first cue that differs
 */
public record Change(int from, List<Cue> removed, List<Cue> added, Decisions before, Decisions after) {

    public record Decisions(
            String language,
            String style,
            Styling styling,
            Recipe recipe,
            Frame frame,
            long nextId,
            TrackExtras beside) {
        public Decisions {
            // Steps from before styles could be bent say nothing of it.
            styling = styling == null ? Styling.PLAIN : styling;
        }

        /** Each of them, in order; ids that are free are no decision. */
        List<Object> all() {
            return Arrays.asList(language, style, styling, recipe, frame, beside);
        }

        static Decisions of(Track track) {
            return new Decisions(
                    track.language(),
                    track.style(),
                    track.styling(),
                    track.recipe(),
                    track.frame(),
                    track.nextId(),
                    track.beside());
        }
    }

    public static Change between(Track before, Track after) {
        List<Cue> a = before.cues();
        List<Cue> b = after.cues();
        int from = 0;
        while (from < a.size() && from < b.size() && a.get(from).equals(b.get(from))) {
            from++;
        }
        int tail = 0;
        while (tail < a.size() - from
                && tail < b.size() - from
                && a.get(a.size() - 1 - tail).equals(b.get(b.size() - 1 - tail))) {
            tail++;
        }
        return new Change(
                from,
                a.subList(from, a.size() - tail),
                b.subList(from, b.size() - tail),
                Decisions.of(before),
                Decisions.of(after));
    }

    /** Whether the track still has the cues of this change, unchanged and at the same places. */
    public boolean fits(Track track) {
        int to = from + removed.size();
        return from >= 0
                && to <= track.cues().size()
                && track.cues().subList(from, to).equals(removed);
    }

    /** The ids of the cues that it changes, removes or adds. */
    public Set<Long> cueIds() {
        Set<Cue> same = new HashSet<>(removed);
        same.retainAll(added);
        return Stream.concat(removed.stream(), added.stream())
                .filter(cue -> !same.contains(cue))
                .map(Cue::id)
                .collect(Collectors.toSet());
    }

    /** Whether both changed the same cue, or the same decision about the whole track. */
    public boolean overlaps(Change other) {
        return cueIds().stream().anyMatch(other.cueIds()::contains)
                || decided().stream().anyMatch(other.decided()::contains);
    }

    /** Places of those decisions that it changes. */
    private Set<Integer> decided() {
        List<Object> was = before.all();
        List<Object> is = after.all();
        return IntStream.range(0, was.size())
                .filter(i -> !Objects.equals(was.get(i), is.get(i)))
                .boxed()
                .collect(Collectors.toSet());
    }

    public Change reversed() {
        return new Change(from, added, removed, after, before);
    }

    /** Applies the change, which has to {@linkplain #fits fit}, including its changes of the track itself. */
    public Track applyTo(Track track) {
        List<Cue> cues = new java.util.ArrayList<>(track.cues().subList(0, from));
        cues.addAll(added);
        cues.addAll(track.cues().subList(from + removed.size(), track.cues().size()));
        return new Track(
                after.language,
                after.recipe,
                after.style,
                after.styling,
                after.frame,
                cues,
                after.nextId,
                after.beside,
                track.lengthMs());
    }
}
