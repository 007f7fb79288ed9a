package saltdrum.cli.bench.measure;

import java.io.PrintWriter;
import java.util.Arrays;
import java.util.Locale;

/** One line a figure: name, value, budget, what was compared in the same run. */
public final class BenchReport {
    private final PrintWriter out;

    public BenchReport(PrintWriter out) {
        this.out = out;
    }

    public void line(String name, double value, String unit, String budget, String compared) {
        out.printf(Locale.ROOT, "%-34s %9.3f %-5s budget %-12s %s%n", name, value, unit, budget, compared);
        out.flush();
    }

    public static double quantile(double[] values, double q) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.max(0, Math.min(sorted.length - 1, Math.ceil(q * sorted.length) - 1))];
    }
}
