package saltdrum.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ApplyRemedies;
import saltdrum.core.edit.Edit;

/**
 * Mends findings round after round, because a remedy may cause a finding of its own, until nothing is left that can be
 * mended or no round helps any more. What most cues share is mended first, by one change of the track.
 *
 * @param edit everything as one edit; null if nothing can be mended
 * @param mended findings that are gone afterwards
 * @param left findings of the requested ones that are left, with those that the remedies caused
 */
public record Mending(ApplyRemedies edit, int mended, List<Finding> left) {
    public static final int MOST_ROUNDS = 8;

    /**
     * @param look returns the findings of a track
     * @param wanted which of them are to be mended; dismissed ones never are
     * @param rounds 1 mends only the findings that there are, up to {@link #MOST_ROUNDS} what the remedies cause as well
     */
    public static Mending of(Track track, Function<Track, List<Finding>> look, Predicate<Finding> wanted, int rounds) {
        Predicate<Finding> open = wanted.and(finding -> finding.reason() == null);
        List<Finding> before = look.apply(track).stream().filter(open).toList();
        List<Edit> made = new ArrayList<>();
        List<Finding> left = before;
        int best = 0;
        Track now = track;
        List<Finding> found = before;
        for (int round = 1; round <= rounds && !found.isEmpty(); round++) {
            List<Edit> edits = rounds == 1 ? firstRemedies(found) : shared(now, found, look, open);
            Track after = edits.isEmpty() ? now : mended(now, edits);
            if (after.equals(now)) {
                break;
            }
            made.add(new ApplyRemedies(edits));
            now = after;
            found = look.apply(now).stream().filter(open).toList();
            if (found.size() < left.size()) {
                left = found;
                best = round;
            }
        }
        // Rounds after the best one did not help.
        made = made.subList(0, best);
        ApplyRemedies all =
                made.isEmpty() ? null : made.size() == 1 ? (ApplyRemedies) made.get(0) : new ApplyRemedies(made);
        return new Mending(all, before.size() - left.size(), left);
    }

    /** What most cues share is changed for all of them, if that mends more than it causes; else cue by cue. */
    private static List<Edit> shared(
            Track track, List<Finding> found, Function<Track, List<Finding>> look, Predicate<Finding> open) {
        return SharedRemedy.of(track, found, look, open)
                .map(all -> all.edit().edits())
                .orElseGet(() -> firstRemedies(found));
    }

    private static List<Edit> firstRemedies(List<Finding> findings) {
        return findings.stream()
                .filter(finding -> !finding.remedies().isEmpty())
                .map(finding -> finding.remedies().get(0).edit())
                .distinct()
                .toList();
    }

    /** The same track where none of the edits is possible. */
    private static Track mended(Track track, List<Edit> edits) {
        try {
            return new ApplyRemedies(edits).on(track);
        } catch (SaltDrumException impossible) {
            return track;
        }
    }
}
