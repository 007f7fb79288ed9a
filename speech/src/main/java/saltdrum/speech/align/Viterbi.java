package saltdrum.speech.align;

import edu.cmu.sphinx.linguist.acoustic.tiedstate.Senone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import saltdrum.speech.acoustic.AcousticModel;

/** The best path of a sound through a graph, with a beam. Remembers only where words and silences began. */
final class Viterbi {
    /**
     * @param segment index of the spoken word, {@link Graph#SILENCE} or {@link Graph#OTHER_SPEECH}
     * @param shortfall how many nats a frame it scores below the best of all phones; 0 where the graph tolerates nothing
     */
    record Span(int segment, int fromFrame, int toFrame, double shortfall) {
        int frames() {
            return toFrame - fromFrame;
        }
    }

    /** Nats a frame. */
    private static final double OTHER_SPEECH_FRAME = 4;

    private final Graph graph;
    private final Scores scores;
    private final double beam;
    private double[] score;
    private double[] next;
    private int[] origin;
    private int[] nextOrigin;
    private int[] active;
    private int[] nextActive;
    private int count;
    private final Traceback traceback = new Traceback();

    /** @param beamNats how much worse than the best a path may be */
    Viterbi(Graph graph, Scores scores, double beamNats) {
        this.graph = graph;
        this.scores = scores;
        this.beam = beamNats * AcousticModel.NAT;
        int size = graph.size();
        score = new double[size];
        next = new double[size];
        origin = new int[size];
        nextOrigin = new int[size];
        active = new int[size];
        nextActive = new int[size];
        Arrays.fill(score, Double.NEGATIVE_INFINITY);
        Arrays.fill(next, Double.NEGATIVE_INFINITY);
        for (Graph.Arc start : graph.starts) {
            if (score[start.to()] == Double.NEGATIVE_INFINITY) {
                active[count++] = start.to();
            }
            score[start.to()] = start.log();
            origin[start.to()] = traceback.add(Traceback.NONE, new Traceback.Entry(start.segment(), 0, 0));
        }
    }

    /** Takes the next frame; to be called once for each, in order. */
    void advance(int frame) {
        double best = hear(frame);
        if (frame < scores.frames() - 1) {
            move(frame, best - beam);
            traceback.sweep(origin, active, count);
        }
    }

    /** Adds the score of the frame to every open path and returns the best. */
    private double hear(int frame) {
        double best = Double.NEGATIVE_INFINITY;
        for (int a = 0; a < count; a++) {
            int state = active[a];
            Senone senone = graph.senones.get(state);
            score[state] += senone == null
                    ? scores.anySpeech(frame) - OTHER_SPEECH_FRAME * AcousticModel.NAT
                    : scores.of(senone, frame);
            best = Math.max(best, score[state]);
        }
        return best;
    }

    private void move(int frame, double limit) {
        int nextCount = 0;
        for (int a = 0; a < count; a++) {
            int state = active[a];
            double here = score[state];
            score[state] = Double.NEGATIVE_INFINITY;
            if (here < limit) {
                continue;
            }
            for (Graph.Arc arc : graph.arcs.get(state)) {
                double there = here + arc.log();
                if (there > next[arc.to()]) {
                    if (next[arc.to()] == Double.NEGATIVE_INFINITY) {
                        nextActive[nextCount++] = arc.to();
                    }
                    next[arc.to()] = there;
                    nextOrigin[arc.to()] = arc.segment() == Graph.SAME
                            ? origin[state]
                            : traceback.add(origin[state], new Traceback.Entry(arc.segment(), frame + 1, here));
                }
            }
        }
        double[] s = score;
        score = next;
        next = s;
        int[] o = origin;
        origin = nextOrigin;
        nextOrigin = o;
        int[] t = active;
        active = nextActive;
        nextActive = t;
        count = nextCount;
    }

    /** The spans in order once every frame was taken, or null when no path reached the end inside the beam. */
    List<Span> spans() {
        int end = -1;
        double bestEnd = Double.NEGATIVE_INFINITY;
        for (int a = 0; a < count; a++) {
            int state = active[a];
            double leaving = graph.ends.get(state);
            if (!Double.isNaN(leaving) && score[state] + leaving > bestEnd) {
                bestEnd = score[state] + leaving;
                end = state;
            }
        }
        return end < 0 ? null : trace(origin[end], score[end]);
    }

    private List<Span> trace(int last, double endLog) {
        List<Traceback.Entry> path = traceback.path(last);
        List<Span> spans = new ArrayList<>();
        for (int i = 0; i < path.size(); i++) {
            Traceback.Entry entry = path.get(i);
            boolean ends = i == path.size() - 1;
            int to = ends ? scores.frames() : path.get(i + 1).frame();
            double log = (ends ? endLog : path.get(i + 1).log()) - entry.log();
            // Scoring all phones in every frame costs more than the search, so only the tolerant search does it.
            double shortfall = graph.tolerant ? scores.shortfall(entry.frame(), to, log) : 0;
            spans.add(new Span(entry.segment(), entry.frame(), to, shortfall));
        }
        return spans;
    }
}
