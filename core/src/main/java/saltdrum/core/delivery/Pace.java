package saltdrum.core.delivery;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The ratio of actual to estimated render time on this machine. The estimate comes from short samples, which spend
 * more time on starting and verifying than a whole film; the difference depends on the machine, so it is learned from
 * finished films.
 */
public final class Pace {
    /** Before anything was made: measured on the demo's clips, docs/benchmarks.md, “Deliver”. */
    public static final double USUAL = 0.8;

    private static final int USUAL_COUNTS_AS = 3;
    private static final double LEAST = 0.25;
    private static final double MOST = 4;

    private Pace() {}

    /**
     * @param ratios actual over estimated time of the newest renders; implausible values are ignored
     * @return their median, with the usual ratio counted in three times; 0.25 to 4
     */
    public static double of(List<Double> ratios) {
        List<Double> all = new ArrayList<>(Collections.nCopies(USUAL_COUNTS_AS, USUAL));
        ratios.stream().filter(ratio -> ratio > 0 && Double.isFinite(ratio)).forEach(all::add);
        Collections.sort(all);
        int middle = all.size() / 2;
        double median = all.size() % 2 == 1 ? all.get(middle) : (all.get(middle - 1) + all.get(middle)) / 2;
        return Math.min(MOST, Math.max(LEAST, median));
    }
}
