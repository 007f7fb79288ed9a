package saltdrum.speech.align;

import edu.cmu.sphinx.frontend.Data;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Senone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.SaltDrumException;
import saltdrum.speech.model.AcousticModel;

/** The best path of a sound through a graph, with a beam. Remembers only where words and silences began. */
final class Viterbi {
    /**
     * @param segment index of the spoken word, {@link Graph#SILENCE} or {@link Graph#OTHER_SPEECH}
     * @param shortfall how many nats a frame it scores below the best of all phones; 0 in a graph without other speech
     */
    record Span(int segment, int fromFrame, int toFrame, double shortfall) {
        int frames() {
            return toFrame - fromFrame;
        }
    }

    private static final int MOST_SENONES = 20_000;

    /** Nats a frame. */
    private static final double OTHER_SPEECH_FRAME = 4;

    private final Graph graph;
    private final List<Senone> anySpeech;
    private final Traceback traceback = new Traceback();
    private final Map<Data, Double> anySpeechOf = new IdentityHashMap<>();

    /** @param anySpeech states whose best tells how other speech scores; empty for a graph without any */
    Viterbi(Graph graph, List<Senone> anySpeech) {
        this.graph = graph;
        this.anySpeech = anySpeech;
    }

    /**
     * @param beamNats how much worse than the best a path may be
     * @return the spans in order, or null when no path reached the end inside the beam
     */
    List<Span> best(List<Data> features, double beamNats, DoubleConsumer progress, BooleanSupplier stopped) {
        int size = graph.size();
        double beam = beamNats * AcousticModel.NAT;
        double[] score = new double[size];
        double[] next = new double[size];
        int[] origin = new int[size];
        int[] nextOrigin = new int[size];
        Arrays.fill(score, Double.NEGATIVE_INFINITY);
        Arrays.fill(next, Double.NEGATIVE_INFINITY);
        int[] active = new int[size];
        int[] nextActive = new int[size];
        int count = 0;
        for (Graph.Arc start : graph.starts) {
            if (score[start.to()] == Double.NEGATIVE_INFINITY) {
                active[count++] = start.to();
            }
            score[start.to()] = start.log();
            origin[start.to()] = traceback.add(Traceback.NONE, new Traceback.Entry(start.segment(), 0, 0));
        }
        float[] scored = new float[MOST_SENONES];
        int[] scoredAt = new int[MOST_SENONES];
        Arrays.fill(scoredAt, -1);
        for (int frame = 0; frame < features.size(); frame++) {
            if (frame % 100 == 0) {
                progress.accept((double) frame / features.size());
                if (stopped.getAsBoolean()) {
                    throw new SaltDrumException("The alignment was stopped. The words are as they were.");
                }
            }
            Data feature = features.get(frame);
            double best = Double.NEGATIVE_INFINITY;
            for (int a = 0; a < count; a++) {
                int state = active[a];
                Senone senone = graph.senones.get(state);
                if (senone == null) {
                    score[state] += anySpeech(feature) - OTHER_SPEECH_FRAME * AcousticModel.NAT;
                    best = Math.max(best, score[state]);
                    continue;
                }
                int id = (int) senone.getID();
                if (scoredAt[id] != frame) {
                    scoredAt[id] = frame;
                    scored[id] = senone.getScore(feature);
                }
                score[state] += scored[id];
                best = Math.max(best, score[state]);
            }
            if (frame == features.size() - 1) {
                break;
            }
            double limit = best - beam;
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
            traceback.sweep(origin, active, count);
        }
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
        return end < 0 ? null : trace(origin[end], features, score[end]);
    }

    /** The score of the best of all phones. */
    private double anySpeech(Data feature) {
        return anySpeechOf.computeIfAbsent(feature, f -> anySpeech.stream()
                .mapToDouble(senone -> senone.getScore(f))
                .max()
                .orElse(0));
    }

    private List<Span> trace(int last, List<Data> features, double endLog) {
        List<Traceback.Entry> path = traceback.path(last);
        List<Span> spans = new ArrayList<>();
        for (int i = 0; i < path.size(); i++) {
            Traceback.Entry entry = path.get(i);
            boolean ends = i == path.size() - 1;
            int to = ends ? features.size() : path.get(i + 1).frame();
            double log = (ends ? endLog : path.get(i + 1).log()) - entry.log();
            spans.add(
                    new Span(entry.segment(), entry.frame(), to, shortfall(features.subList(entry.frame(), to), log)));
        }
        return spans;
    }

    private double shortfall(List<Data> features, double log) {
        if (anySpeech.isEmpty() || features.isEmpty()) {
            return 0;
        }
        double best = features.stream().mapToDouble(this::anySpeech).sum();
        return (best - log) / AcousticModel.NAT / features.size();
    }
}
