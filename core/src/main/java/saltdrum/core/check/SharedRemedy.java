package saltdrum.core.check;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ApplyRemedies;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;

/**
 * One change of the whole track in place of the same change of most of its cues.
 *
 * @param said in the history of changes
 * @param mends how many findings are gone afterwards
 */
public record SharedRemedy(ApplyRemedies edit, String said, int mends) {
    /** Fewer cues, or a smaller part of them, are mended one by one. */
    private static final int FEWEST = 3;

    private static final double MOST_OF_ALL = 0.5;
    /** Down the safe area, where captions usually are: common practice, no source. */
    private static final double USUAL = 0.8;

    /**
     * What most cues share and what one change mends for all; none where they share nothing, or where the change would
     * leave more than half of the findings.
     *
     * @param look returns the findings of a track
     * @param open which of them count
     */
    public static Optional<SharedRemedy> of(
            Track track, List<Finding> findings, Function<Track, List<Finding>> look, Predicate<Finding> open) {
        return shared(track, findings).flatMap(edit -> tried(track, edit, findings, look, open));
    }

    private static Optional<SharedRemedy> tried(
            Track track,
            ChangeLook edit,
            List<Finding> findings,
            Function<Track, List<Finding>> look,
            Predicate<Finding> open) {
        try {
            Track after = edit.on(track);
            int left = (int) look.apply(after).stream().filter(open).count();
            return after.equals(track) || left > findings.size() / 2
                    ? Optional.empty()
                    : Optional.of(new SharedRemedy(
                            new ApplyRemedies(List.of(edit)), edit.said(track), findings.size() - left));
        } catch (SaltDrumException impossible) {
            return Optional.empty();
        }
    }

    private static Optional<ChangeLook> shared(Track track, List<Finding> findings) {
        Map<LookPatch, Set<Long>> shared = new LinkedHashMap<>();
        for (Finding finding : findings) {
            LookPatch patch = finding.kind() == CheckKind.SAFE ? inTheSafeArea() : remedy(finding);
            if (!patch.isEmpty()) {
                shared.computeIfAbsent(patch, none -> new LinkedHashSet<>())
                        .add(finding.spot().cueId());
            }
        }
        return shared.entrySet().stream()
                .filter(entry -> entry.getValue().size() >= FEWEST
                        && entry.getValue().size() >= MOST_OF_ALL * track.cues().size())
                .max(Map.Entry.comparingByValue((a, b) -> Integer.compare(a.size(), b.size())))
                .map(entry -> ChangeLook.ofTrack(entry.getKey()));
    }

    private static LookPatch inTheSafeArea() {
        return LookPatch.of(Facets.Y, USUAL).with(Facets.WITHIN, Within.SAFE);
    }

    /** What its first remedy changes of a cue's look. */
    private static LookPatch remedy(Finding finding) {
        return !finding.remedies().isEmpty()
                        && finding.remedies().get(0).edit() instanceof ChangeLook change
                        && change.cueIds() != null
                        && change.reset().isEmpty()
                ? change.look()
                : LookPatch.NONE;
    }
}
