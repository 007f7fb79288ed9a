package saltdrum.core.layout;

import java.util.Arrays;
import saltdrum.core.cue.CueTime;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.StaggerOrder;
import saltdrum.core.motion.Transition;
import saltdrum.core.motion.TransitionEffect;
import saltdrum.core.motion.TransitionWindow;
import saltdrum.core.motion.WordArrival;
import saltdrum.core.track.Tracks;

/** Times and tracks with which the parts of one cue appear and disappear. */
final class CueTransitions {
    private final Transition entrance;
    private final Transition exit;
    private final CueTime time;
    private final boolean flowsOn;
    private final double em;

    private CueTransitions(Transition entrance, Transition exit, CueTransitions other) {
        this.entrance = entrance;
        this.exit = exit;
        this.time = other.time;
        this.flowsOn = other.flowsOn;
        this.em = other.em;
    }

    /**
     * For an emoji or sticker at a word: motion by letter moves it as a word.
     *
     * @param own its own entrance, as its word is said
     */
    CueTransitions beside(WordArrival own) {
        Transition in = own.way() == TransitionEffect.NONE ? entrance : own.passage();
        return new CueTransitions(asWord(in), asWord(exit), this);
    }

    private static Transition asWord(Transition passage) {
        return passage.by() == MotionUnit.LETTER ? passage.by(MotionUnit.WORD, passage.order()) : passage;
    }

    /** @param flowsOn the next cue follows without a gap, so this one leaves without an exit */
    CueTransitions(Look look, CueTime time, boolean flowsOn, double em) {
        this.entrance = look.get(Facets.ENTRANCE);
        this.exit = look.get(Facets.EXIT);
        this.time = time;
        this.flowsOn = flowsOn;
        this.em = em;
    }

    /**
     * One of several things that move separately.
     *
     * @param number its index among all of the cue in reading order, from 0
     * @param count number of all
     * @param fromMs when the voice reaches it
     * @param toMs when the voice leaves it
     */
    record Unit(MotionUnit by, int number, int count, int fromMs, int toMs, boolean leftwards) {}

    /** Whether something moves so, when it comes or when it goes. */
    boolean moves(MotionUnit by) {
        return entrance.by() == by && !entrance.nothing() || exit.by() == by && !exit.nothing() && !flowsOn;
    }

    /** Whether it has to be painted on a layer of its own for that. */
    boolean layered(MotionUnit by) {
        return entrance.by() == by && entrance.way().layered()
                || exit.by() == by && exit.way().layered() && !flowsOn;
    }

    /** How what is behind a line or a cue comes whose words or letters come one by one: it is there before them. */
    Tracks behindGradual() {
        boolean gradual = entrance.by() == MotionUnit.WORD || entrance.by() == MotionUnit.LETTER;
        if (!gradual || entrance.ms() == 0) {
            return Tracks.NONE;
        }
        return Transition.of(TransitionEffect.FADE, MotionUnit.CUE, StaggerOrder.FORWARD, entrance.ms())
                .in(new TransitionWindow(
                        time.showMs(), Math.max(1, Math.min(entrance.ms(), room())), false, em, 0, false));
    }

    Tracks cue() {
        return of(new Unit(MotionUnit.CUE, 0, 1, time.showMs(), time.hideMs(), false));
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

    /** A way in takes two thirds of the cue's time at most. */
    private int room() {
        return length() * 2 / 3;
    }

    private TransitionWindow coming(Unit unit) {
        int from = Math.max(time.showMs(), unit.fromMs);
        int ms = Math.min(entrance.ms(), (time.hideMs() - from) * 2 / 3);
        if (entrance.order() != StaggerOrder.VOICE || unit.by == MotionUnit.CUE) {
            ms = Math.min(entrance.ms(), room());
            Turns turns = Turns.of(entrance, unit, room() - ms);
            from = time.showMs() + turns.afterFirst();
        }
        return new TransitionWindow(from, Math.max(1, ms), from > time.showMs(), em, unit.number, unit.leftwards);
    }

    private TransitionWindow going(Unit unit) {
        int room = Math.max(1, length() / 3);
        int ms = Math.max(1, Math.min(exit.ms(), room));
        int last = time.hideMs() - ms;
        int from = exit.order() == StaggerOrder.VOICE && unit.by != MotionUnit.CUE
                ? Math.min(unit.toMs, last)
                : last - Turns.of(exit, unit, room - ms).beforeLast();
        return new TransitionWindow(from, ms, true, em, unit.number, unit.leftwards);
    }

    /** When it is one's turn among several, ms. */
    private record Turns(int afterFirst, int beforeLast) {
        /** @param room in which all of them begin */
        static Turns of(Transition passage, Unit unit, int room) {
            int[] ranks = passage.order().ranks(unit.count);
            int last = Arrays.stream(ranks).max().orElse(0);
            double stagger = last == 0 ? 0 : Math.min(passage.stagger(), (double) Math.max(0, room) / last);
            int rank = ranks[unit.number];
            return new Turns((int) Math.round(stagger * rank), (int) Math.round(stagger * (last - rank)));
        }
    }
}
