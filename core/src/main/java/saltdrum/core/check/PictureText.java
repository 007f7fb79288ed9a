package saltdrum.core.check;

import saltdrum.core.check.light.LightSamples;

/**
 * Finds captions that are already in the picture. Letters are many alternating light and dark edges, close together,
 * over several rows. Captions stay still for about half a second and then disappear, which tells them from permanent
 * details (planks, oars, a sign) and from moving ones (water, a crowd). They also return in the same rows.
 *
 * @param part share of the samples that show captions, 0 to 1
 * @param row their vertical position, 0 at the top to 1
 * @param near share of them near that row, 0 to 1
 */
public record PictureText(double part, double row, double near) {
    /** Measured on the demo's clips: 0 of the samples without captions, 0.46 to 0.67 with, in four styles. */
    private static final double CAPTIONED = 0.25;

    private static final double SAME_ROWS = 0.8;
    private static final double AROUND = 0.06;
    /** Steps of lightness of an edge. */
    private static final int EDGE = 28;
    /** Pixels from an edge to the next, at most. */
    private static final int GAP = 10;
    /** Edges in turn that make a word. */
    private static final int TURNS = 6;

    private static final int ROWS = 3;
    /** What is there in so many samples is always there. */
    private static final double STANDING = 0.4;

    public boolean captions() {
        return part >= CAPTIONED && near >= SAME_ROWS;
    }

    public static PictureText of(LightSamples samples) {
        int width = samples.width() - 1;
        int height = samples.height();
        boolean[] standing = standing(samples, width, height);
        int seen = 0;
        double[] rows = new double[Math.max(0, samples.count() - 1)];
        for (int i = 0; i + 1 < samples.count(); i++) {
            int row = row(samples, i, standing, width, height);
            if (row >= 0) {
                rows[seen++] = (double) row / height;
            }
        }
        if (seen == 0) {
            return new PictureText(0, 0, 0);
        }
        double[] found = java.util.Arrays.copyOf(rows, seen);
        double[] sorted = found.clone();
        java.util.Arrays.sort(sorted);
        double middle = sorted[seen / 2];
        long near = java.util.Arrays.stream(found)
                .filter(row -> Math.abs(row - middle) < AROUND)
                .count();
        return new PictureText((double) seen / rows.length, middle, (double) near / seen);
    }

    /** 1 from dark to light, -1 from light to dark, 0 for no edge. */
    private static int edge(LightSamples samples, int picture, int x, int y) {
        int at = (picture * samples.height() + y) * samples.width() + x;
        int step = (samples.light().get(at + 1) & 255) - (samples.light().get(at) & 255);
        return step > EDGE ? 1 : step < -EDGE ? -1 : 0;
    }

    private static boolean[] standing(LightSamples samples, int width, int height) {
        boolean[] standing = new boolean[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int up = 0;
                int down = 0;
                for (int i = 0; i < samples.count(); i++) {
                    int edge = edge(samples, i, x, y);
                    up += edge > 0 ? 1 : 0;
                    down += edge < 0 ? 1 : 0;
                }
                standing[y * width + x] = Math.max(up, down) > STANDING * samples.count();
            }
        }
        return standing;
    }

    /** The middle of the highest run of rows with letters; -1 for none. */
    private static int row(LightSamples samples, int picture, boolean[] standing, int width, int height) {
        int run = 0;
        int best = 0;
        int at = -1;
        for (int y = 0; y < height; y++) {
            run = turns(samples, picture, standing, width, y) >= TURNS ? run + 1 : 0;
            if (run > best) {
                best = run;
                at = y - run / 2;
            }
        }
        return best >= ROWS ? at : -1;
    }

    /** The longest run of edges in turn that this picture and the next both have in a row. */
    private static int turns(LightSamples samples, int picture, boolean[] standing, int width, int y) {
        int before = 0;
        int last = -GAP - 1;
        int run = 0;
        int best = 0;
        for (int x = 0; x < width; x++) {
            int edge = standing[y * width + x] ? 0 : edge(samples, picture, x, y);
            if (edge != 0 && edge == edge(samples, picture + 1, x, y)) {
                if (before != 0 && edge != before) {
                    run = x - last <= GAP ? run + 1 : 1;
                    best = Math.max(best, run);
                    last = x;
                }
                before = edge;
            }
        }
        return best;
    }
}
