package saltdrum.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.cue.BlockPlace;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.edit.ApplyRemedies;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.Edit;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Part;

/**
 * Where the picture is calmest under each cue: few edges, little motion, one brightness. A cue changes its place only where
 * that is worth it, so that captions do not hop about: the least sum of unrest and changes over all cues is taken.
 */
public final class CalmPlacement {
    /** Places that are looked at, from the top of the safe area to its foot. */
    private static final int PLACES = 6;
    /** What a change of place costs, in unrest. */
    private static final double CHANGE = 9;
    /** What leaving the place it has costs: nothing moves for nothing. */
    private static final double LEAVE = 2;

    private static final double OVER_A_HEADLINE = 1000;
    private static final int ACROSS = 20;
    private static final int DOWN = 6;
    private static final double MOTION = 1.5;
    private static final double SPREAD = 0.25;

    private CalmPlacement() {}

    /**
     * What is proposed.
     *
     * @param moved number of cues that would be placed elsewhere
     * @param of number of cues that were considered
     * @param before mean unrest now: 0 for a plain, still picture, some tens for a busy one
     * @param after mean unrest after the change
     * @param edit null if every cue is already well placed
     */
    public record Proposal(int moved, int of, double before, double after, Edit edit) {
        static final Proposal NOTHING = new Proposal(0, 0, 0, 0, null);
    }

    /** @param cues that are to be placed, in order of time */
    public static Proposal of(CheckInput subject, List<Cue> cues) {
        List<Cue> seen = cues.stream()
                .filter(cue -> !cue.locked() && subject.part(cue.id()) != null)
                .filter(cue -> subject.block(subject.part(cue.id())).box().height() > 0)
                .toList();
        if (subject.light == null || seen.isEmpty()) {
            return Proposal.NOTHING;
        }
        // Place 0 is the one it has; the others are the same for all cues.
        double[][] unrest = new double[seen.size()][PLACES + 1];
        for (int i = 0; i < seen.size(); i++) {
            Part part = subject.part(seen.get(i).id());
            Box block = subject.block(part).box();
            for (int place = 0; place <= PLACES; place++) {
                Box there = place == 0 ? block : at(subject, block, place);
                unrest[i][place] = unrest(subject, part, there) + (place == 0 ? 0 : LEAVE);
            }
        }
        int[] best = calmest(unrest);
        return proposal(subject, seen, unrest, best);
    }

    private static Box at(CheckInput subject, Box block, int place) {
        Box safe = subject.safe();
        double room = Math.max(0, safe.height() - block.height());
        return new Box(block.x(), safe.y() + room * (place - 1) / (PLACES - 1), block.width(), block.height());
    }

    /** The way through all cues that costs least (dynamic programming). */
    private static int[] calmest(double[][] unrest) {
        int n = unrest.length;
        double[][] sum = new double[n][PLACES + 1];
        int[][] from = new int[n][PLACES + 1];
        sum[0] = unrest[0].clone();
        for (int i = 1; i < n; i++) {
            for (int place = 0; place <= PLACES; place++) {
                int least = 0;
                for (int before = 0; before <= PLACES; before++) {
                    if (sum[i - 1][before] + change(before, place) < sum[i - 1][least] + change(least, place)) {
                        least = before;
                    }
                }
                from[i][place] = least;
                sum[i][place] = sum[i - 1][least] + change(least, place) + unrest[i][place];
            }
        }
        int[] way = new int[n];
        for (int place = 1; place <= PLACES; place++) {
            if (sum[n - 1][place] < sum[n - 1][way[n - 1]]) {
                way[n - 1] = place;
            }
        }
        for (int i = n - 1; i > 0; i--) {
            way[i - 1] = from[i][way[i]];
        }
        return way;
    }

    private static double change(int before, int place) {
        return before == place ? 0 : CHANGE;
    }

    private static Proposal proposal(CheckInput subject, List<Cue> cues, double[][] unrest, int[] best) {
        Map<Double, List<Long>> moved = new LinkedHashMap<>();
        double before = 0;
        double after = 0;
        int count = 0;
        for (int i = 0; i < best.length; i++) {
            before += unrest[i][0];
            after += unrest[i][best[i]] - (best[i] == 0 ? 0 : LEAVE);
            if (best[i] > 0) {
                Box block = subject.block(subject.part(cues.get(i).id())).box();
                double dy = (at(subject, block, best[i]).y() - block.y()) / subject.scene.height();
                double y = BlockPlace.down(subject.cascade.ofCue(cues.get(i)), subject.layout.safe()) + dy;
                double rounded = Math.round(Math.max(0, Math.min(1, y)) * 1000) / 1000.0;
                moved.computeIfAbsent(rounded, none -> new ArrayList<>())
                        .add(cues.get(i).id());
                count++;
            }
        }
        List<Edit> edits = new ArrayList<>();
        moved.forEach((y, ids) -> edits.add(ChangeLook.ofCues(ids, LookPatch.of(Facets.Y, y))));
        return new Proposal(
                count,
                best.length,
                tenths(before / best.length),
                tenths(after / best.length),
                edits.isEmpty() ? null : new ApplyRemedies(edits));
    }

    private static double tenths(double value) {
        return Math.round(10 * value) / 10.0;
    }

    /** Edges, motion and spread of lightness under a box while the part shows, in steps of a lightness of 255. */
    private static double unrest(CheckInput subject, Part part, Box box) {
        FramedLight light = subject.light;
        int first = light.clip().nearest(part.startMs());
        int last = Math.max(first, light.clip().nearest(part.endMs() - 1));
        double edges = 0;
        double motion = 0;
        double sum = 0;
        double squares = 0;
        int count = 0;
        double[] before = null;
        for (int sample = first; sample <= last; sample++) {
            double[] now = new double[ACROSS * DOWN];
            for (int i = 0; i < now.length; i++) {
                double x = (box.x() + box.width() * (i % ACROSS + 0.5) / ACROSS) / subject.scene.width();
                double y = (box.y() + box.height() * (i / ACROSS + 0.5) / DOWN) / subject.scene.height();
                now[i] = light.at(sample, x, y);
                edges += i % ACROSS == 0 ? 0 : Math.abs(now[i] - now[i - 1]);
                edges += i < ACROSS ? 0 : Math.abs(now[i] - now[i - ACROSS]);
                motion += before == null ? 0 : Math.abs(now[i] - before[i]);
                sum += now[i];
                squares += now[i] * now[i];
                count++;
            }
            before = now;
        }
        double mean = sum / count;
        double spread = Math.sqrt(Math.max(0, squares / count - mean * mean));
        double moves = last == first ? 0 : motion / (count - ACROSS * DOWN);
        return edges / count + MOTION * moves + SPREAD * spread + headline(subject, part, box);
    }

    private static double headline(CheckInput subject, Part part, Box box) {
        for (Headline headline : subject.track.beside().headlines()) {
            Part other = subject.part(headline.id());
            if (other != null
                    && other.startMs() < part.endMs()
                    && part.startMs() < other.endMs()
                    && subject.block(other).box().meets(box)) {
                return OVER_A_HEADLINE;
            }
        }
        return 0;
    }
}
