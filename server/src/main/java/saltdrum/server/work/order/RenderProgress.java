package saltdrum.server.work.order;

import java.util.function.LongSupplier;

/**
 * How far a render is, by time: making a film and looking at it go at their own paces, so that parts of either say little
 * about the whole. The pace of making is this film's own; how long looking takes is learned from film to film.
 */
final class RenderProgress {
    /**
     * The base duration of verifying a film, plus a share for a million pixels of each frame. docs/benchmarks.md,
     * “Deliver”.
     */
    private static final double LOOK_S = 4;

    private static final double LOOK_S_PER_MEGAPIXEL = 0.001;
    /** Part of a stage from which on its own pace is believed. */
    private static final double TELLING = 0.05;

    private static final double LEARNING = 0.4;
    private static final double NS = 1e9;

    /** How much longer looking takes here than was measured: learned from film to film. */
    static final class Looking {
        private volatile double slower = 1;

        private void took(double ofUsual) {
            slower += LEARNING * (ofUsual - slower);
        }
    }

    private final Looking looking;
    private final LongSupplier clock;
    private final double usualLookS;
    private final long begun;
    private double firstPart = -1;
    private long firstAt;
    private double makingS;
    private long lookBegun;

    /** @param megapixels of all frames of the film together */
    RenderProgress(double megapixels, Looking looking) {
        this(megapixels, looking, System::nanoTime);
    }

    RenderProgress(double megapixels, Looking looking, LongSupplier clock) {
        this.looking = looking;
        this.clock = clock;
        this.usualLookS = LOOK_S + LOOK_S_PER_MEGAPIXEL * megapixels;
        this.begun = clock.getAsLong();
    }

    private static double since(long then, long now) {
        return (now - then) / NS;
    }

    /** @param part of the making that is done @return part of the whole, 0 to 1, by time */
    double making(double part) {
        if (part <= 0) {
            return 0;
        }
        long now = clock.getAsLong();
        if (firstPart < 0) {
            firstPart = part;
            firstAt = now;
        }
        // What starting took is no pace.
        boolean telling = part - firstPart > TELLING;
        double perPart = telling ? since(firstAt, now) / (part - firstPart) : since(begun, now) / part;
        double spent = since(begun, now);
        return spent / (spent + perPart * Math.max(0, 1 - part) + looking.slower * usualLookS);
    }

    /** The film is made. */
    void look() {
        lookBegun = clock.getAsLong();
        makingS = since(begun, lookBegun);
    }

    /** @param part of the looking that is done @return part of the whole, 0 to 1, by time */
    double looking(double part) {
        double spent = since(lookBegun, clock.getAsLong());
        double whole = part > TELLING ? spent / Math.min(1, part) : Math.max(spent, looking.slower * usualLookS);
        return (makingS + spent) / Math.max(1e-9, makingS + whole);
    }

    /** Records how long verifying took, for the estimates of later films. */
    void learn() {
        double took = since(lookBegun, clock.getAsLong());
        looking.took(took / usualLookS);
    }
}
