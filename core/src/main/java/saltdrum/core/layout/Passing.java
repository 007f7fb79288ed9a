package saltdrum.core.layout;

import saltdrum.core.cue.CueTime;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.motion.By;
import saltdrum.core.motion.Order;
import saltdrum.core.motion.Passage;
import saltdrum.core.motion.Stay;
import saltdrum.core.track.Tracks;

/** When and how the things of one cue come and go. */
final class Passing {
    private final Passage entrance;
    private final Passage exit;
    private final CueTime time;
    private final boolean flowsOn;
    private final double em;

    /** @param flowsOn the next cue follows without a gap, so this one leaves without an exit */
    Passing(Look look, CueTime time, boolean flowsOn, double em) {
        this.entrance = look.get(Facets.ENTRANCE);
        this.exit = look.get(Facets.EXIT);
        this.time = time;
        this.flowsOn = flowsOn;
        this.em = em;
    }

    /**
     * One of several things that move by themselves.
     *
     * @param number its place among all of the cue in reading order, from 0
     * @param count of all
     * @param fromMs when the voice comes to it
     * @param toMs when the voice leaves it
     */
    record Unit(By by, int number, int count, int fromMs, int toMs, boolean leftwards) {}

    /** Whether something moves so, when it comes or when it goes. */
    boolean moves(By by) {
        return entrance.by() == by && !entrance.nothing() || exit.by() == by && !exit.nothing() && !flowsOn;
    }

    /** Whether it must be on a picture of its own for that. */
    boolean layered(By by) {
        return entrance.by() == by && entrance.way().layered()
                || exit.by() == by && exit.way().layered() && !flowsOn;
    }

    /** Whether words or letters come one by one, so that what is behind them is there before. */
    boolean gradual() {
        return entrance.by() == By.WORD || entrance.by() == By.LETTER;
    }

    int entranceMs() {
        return entrance.ms();
    }

    Tracks cue() {
        return of(new Unit(By.CUE, 0, 1, time.showMs(), time.hideMs(), false));
    }

    Tracks of(Unit unit) {
        Tracks in = entrance.by() == unit.by && !entrance.nothing() ? entrance.in(coming(unit)) : Tracks.NONE;
        if (flowsOn || exit.by() != unit.by || exit.nothing() || length() < 3) {
            return in;
        }
        return in.and(exit.out(going(unit)));
    }

    private int length() {
        return time.hideMs() - time.showMs();
    }

    private Stay coming(Unit unit) {
        int from = Math.max(time.showMs(), unit.fromMs);
        int ms;
        if (entrance.order() == Order.VOICE && unit.by != By.CUE) {
            ms = Math.min(entrance.ms(), (time.hideMs() - from) * 2 / 3);
        } else {
            int room = length() * 2 / 3;
            ms = Math.min(entrance.ms(), room);
            from = time.showMs() + after(entrance, unit, room - ms);
        }
        return new Stay(from, Math.max(1, ms), from > time.showMs(), em, unit.number, unit.leftwards);
    }

    private Stay going(Unit unit) {
        int room = Math.max(1, length() / 3);
        int ms = Math.max(1, Math.min(exit.ms(), room));
        int from = time.hideMs() - ms;
        if (exit.order() == Order.VOICE && unit.by != By.CUE) {
            from = Math.min(unit.toMs, from);
        } else {
            from -= after(exit, unit, room - ms, true);
        }
        return new Stay(from, ms, true, em, unit.number, unit.leftwards);
    }

    private static int after(Passage passage, Unit unit, int room) {
        return after(passage, unit, room, false);
    }

    /** How long after the first, or before the last, it is this one's turn; all of them in the room there is. */
    private static int after(Passage passage, Unit unit, int room, boolean beforeLast) {
        if (unit.count < 2) {
            return 0;
        }
        int[] ranks = passage.order().ranks(unit.count);
        int last = java.util.Arrays.stream(ranks).max().orElse(0);
        if (last == 0) {
            return 0;
        }
        double stagger = Math.min(passage.stagger(), (double) Math.max(0, room) / last);
        int rank = ranks[unit.number];
        return (int) Math.round(stagger * (beforeLast ? last - rank : rank));
    }
}
