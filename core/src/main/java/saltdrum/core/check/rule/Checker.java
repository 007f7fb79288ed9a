package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.cue.TrackExtras.DismissedFinding;

/** Runs all checks. Measurements are cached until their input changes. Safe for many threads. */
public final class Checker {
    private final List<Check> checks = List.of(
            new ReadingCheck(),
            new LineCheck(),
            new PlaceCheck(),
            new VoiceCheck(),
            new FlowCheck(),
            new TextCheck(),
            new FlashCheck(),
            new OutputCheck(),
            new ContrastCheck());

    public Checker() {
        long looked = checks.stream()
                .flatMap(check -> check.kinds().stream())
                .distinct()
                .count();
        if (looked != CheckKind.values().length) {
            throw new IllegalStateException("Some kinds of findings have no check.");
        }
    }

    /** All findings in order of time. Dismissed ones are included, with their reason. */
    public List<Finding> findings(CheckInput subject) {
        return findings(subject, Set.of(CheckKind.values()));
    }

    /** As {@link #findings(CheckInput)}, of some kinds only. */
    public List<Finding> findings(CheckInput subject, Set<CheckKind> kinds) {
        Map<String, String> stands = new HashMap<>();
        for (DismissedFinding one : subject.track.beside().stands()) {
            stands.put(one.check() + one.at(), one.reason());
        }
        List<Finding> all = new ArrayList<>();
        for (Check check : checks) {
            if (Collections.disjoint(check.kinds(), kinds)) {
                continue;
            }
            for (Finding finding : check.of(subject)) {
                String reason = stands.get(finding.kind().written() + finding.at());
                all.add(reason == null ? finding : finding.dismissed(reason));
            }
        }
        all.removeIf(finding -> !kinds.contains(finding.kind()));
        all.sort(Comparator.comparingInt((Finding finding) -> finding.spot().ms())
                .thenComparing(Finding::kind));
        return all;
    }
}
