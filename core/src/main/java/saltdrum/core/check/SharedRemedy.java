package saltdrum.core.check;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;

/** One change of the whole track in place of the same change of most of its cues. */
final class SharedRemedy {
    /** Fewer cues, or a smaller part of them, are mended one by one. */
    private static final int FEWEST = 3;

    private static final double MOST_OF_ALL = 0.5;
    /** Down the safe area, where captions usually are: common practice, no source. */
    private static final double USUAL = 0.8;

    private SharedRemedy() {}

    /** What most cues share; none where they share nothing. */
    static Optional<ChangeLook> of(Track track, List<Finding> findings) {
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
