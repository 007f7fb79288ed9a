package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.FindingLocation;
import saltdrum.core.check.Remedy;
import saltdrum.core.check.light.EdgeContrast;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.motion.Transition;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;

/**
 * Checks for flashing captions: WCAG 2.2, success criterion 2.3.1. A flash is a pair of opposing changes of relative
 * luminance of at least a tenth of the maximum, where the darker one is below 0.8. Three of them in a second are
 * allowed, and any number in a small area. Bright captions are measured over a dark picture, which is their worst
 * case.
 */
final class FlashCheck implements Check {
    private static final double STEP_MS = 1000 / 30.0;
    private static final int MOST_IN_A_SECOND = 3;
    private static final double CHANGE = 0.1;
    private static final double DARKER_BELOW = 0.8;
    /** A quarter of 341 x 256 pixels, of a screen of 1024 x 768 (WCAG 2.2, “general flash and red flash thresholds”). */
    private static final double SMALL = 341.0 * 256 / 4 / (1024 * 768);
    /** Letters cover about so much of the box around them. */
    private static final double INKED = 0.35;

    @Override
    public Set<CheckKind> kinds() {
        return Set.of(CheckKind.FLASHING);
    }

    @Override
    public List<Finding> of(CheckInput subject) {
        List<Finding> found = new ArrayList<>();
        List<Part> parts =
                subject.scene.parts().stream().filter(part -> part.depth() == 0).toList();
        List<Integer> flashes = new ArrayList<>();
        List<Long> cues = new ArrayList<>();
        double turn = 0;
        boolean rising = true;
        int half = 0;
        int next = 0;
        int end = parts.stream().mapToInt(Part::endMs).max().orElse(0);
        for (double t = 0; t < end; t += STEP_MS) {
            while (next < parts.size() && parts.get(next).endMs() <= t) {
                next++;
            }
            Part part = next < parts.size() && parts.get(next).startMs() <= t ? parts.get(next) : null;
            double now = part == null || small(subject, part) ? 0 : shine(part, t);
            if (rising ? now >= turn : now <= turn) {
                turn = now;
            } else if (Math.abs(now - turn) >= CHANGE && Math.min(now, turn) < DARKER_BELOW) {
                rising = !rising;
                turn = now;
                if (++half % 2 == 0) {
                    flashes.add((int) t);
                    cues.add(part == null ? 0 : part.cueId());
                    int n = flashes.size();
                    if (n > MOST_IN_A_SECOND && flashes.get(n - 1) - flashes.get(n - 1 - MOST_IN_A_SECOND) < 1000) {
                        found.add(finding(subject, flashes.get(n - 1 - MOST_IN_A_SECOND), (int) t));
                        flashes.clear();
                    }
                }
            }
        }
        return found;
    }

    private static Finding finding(CheckInput subject, int fromMs, int toMs) {
        int index = 0;
        while (index + 1 < subject.times.size() && subject.times.get(index).hideMs() <= fromMs) {
            index++;
        }
        FindingLocation spot = subject.spot(index);
        return Finding.of(
                        CheckKind.FLASHING,
                        new FindingLocation(spot.cueId(), 0, fromMs, fromMs, toMs),
                        4,
                        MOST_IN_A_SECOND,
                        "flashes a second",
                        "It flashes more than three times a second.")
                .with(CheckInput.of(
                        subject.after(steady()).map(tried -> new Remedy("Remove the transitions", steady(), null))));
    }

    private static ChangeLook steady() {
        return ChangeLook.ofTrack(LookPatch.of(Facets.ENTRANCE, Transition.NONE).with(Facets.EXIT, Transition.NONE));
    }

    private static boolean small(CheckInput subject, Part part) {
        Box box = subject.block(part).box();
        return INKED * box.width() * box.height() < SMALL * subject.scene.width() * subject.scene.height();
    }

    /** The light of a part's letters over black, 0 to 1: the mean of its words. */
    private static double shine(Part part, double t) {
        double[] sum = new double[2];
        for (Mark mark : part.marks()) {
            add(mark, MarkState.of(mark, t), 1, sum);
        }
        return sum[1] == 0 ? 0 : sum[0] / sum[1];
    }

    private static void add(Mark mark, MarkState state, double opacity, double[] sum) {
        double seen = opacity * state.opacity();
        if (mark instanceof Mark.Group group) {
            for (int i = 0; i < group.marks().size(); i++) {
                add(group.marks().get(i), state.children().get(i), seen, sum);
            }
        } else if (mark instanceof Mark.Glyphs word && word.wordId() != 0) {
            sum[0] += LightSamples.luminance(seen * EdgeContrast.fill(word, state))
                    * word.ink().width();
            sum[1] += word.ink().width();
        }
    }
}
