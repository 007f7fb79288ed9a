package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.FindingLocation;
import saltdrum.core.cue.CueTime;
import saltdrum.core.edit.ShowingEdit.BridgeGaps;
import saltdrum.core.scene.Part;

/** Checks that one cue follows another without a flash and without both being visible. */
final class FlowCheck implements Check {
    @Override
    public Set<CheckKind> kinds() {
        return Set.of(CheckKind.GAP, CheckKind.OVERLAP);
    }

    @Override
    public List<Finding> of(CheckInput subject) {
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i + 1 < subject.times.size(); i++) {
            CueTime time = subject.times.get(i);
            int gap = subject.times.get(i + 1).showMs() - time.hideMs();
            long id = subject.track.cues().get(i).id();
            if (gap > 0 && gap < subject.limits.gapMs()) {
                int index = i;
                found.add(Finding.of(
                                CheckKind.GAP,
                                new FindingLocation(id, 0, time.hideMs(), time.showMs(), time.hideMs() + gap),
                                gap,
                                subject.limits.gapMs(),
                                "ms",
                                "Nothing is shown for " + gap + " ms before the next cue: it flashes.")
                        .with(CheckInput.of(subject.tried(
                                "Close the gap",
                                new BridgeGaps(List.of(id), subject.limits.gapMs()),
                                tried -> CueTime.of(tried).get(index + 1).showMs()
                                        - CueTime.of(tried).get(index).hideMs(),
                                0,
                                0))));
            }
        }
        overlaps(subject, found);
        return found;
    }

    /** Cues of a track never overlap, so this finds only what a motion would leave behind. */
    private static void overlaps(CheckInput subject, List<Finding> found) {
        List<Part> parts =
                subject.scene.parts().stream().filter(part -> part.depth() == 0).toList();
        for (int i = 0; i + 1 < parts.size(); i++) {
            Part one = parts.get(i);
            Part next = parts.get(i + 1);
            if (next.startMs() < one.endMs()
                    && subject.block(one).box().meets(subject.block(next).box())) {
                found.add(Finding.of(
                        CheckKind.OVERLAP,
                        new FindingLocation(one.cueId(), 0, next.startMs(), one.startMs(), one.endMs()),
                        (double) one.endMs() - next.startMs(),
                        0,
                        "ms",
                        "The next cue comes before this one is gone, in the same place."));
            }
        }
    }
}
