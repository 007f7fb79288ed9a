package saltdrum.speech.align;

import edu.cmu.sphinx.linguist.acoustic.tiedstate.Senone;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.SenoneHMM;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.speech.acoustic.AcousticModel;

/**
 * A graph of every way to say the words: all pronunciations, phones in the context of their neighbours across word
 * edges, and optional silences. States are numbered; arcs have a log probability and mark the begin of a word or
 * silence.
 */
final class Graph {
    /** Segment of an arc that stays inside what it was. */
    static final int SAME = -1;

    static final int SILENCE = -2;

    /** Speech that is in no word. */
    static final int OTHER_SPEECH = -3;

    /** Costs in nats of the tolerant search: cheaper ones lose real words. Tuned on the corpus, see docs/benchmarks.md. */
    private static final double OTHER_SPEECH_ENTRY = 20;

    private static final double SKIP_FIRST = 40;
    private static final double SKIP_NEXT = 15;

    private static final int MOST_SKIPPED = 40;

    /** Null means other speech. */
    final List<Senone> senones = new ArrayList<>();

    final List<Arc[]> arcs = new ArrayList<>();
    final List<Arc> starts = new ArrayList<>();
    /** Log probability of ending in a state; NaN where the sound cannot end. */
    final List<Double> ends = new ArrayList<>();

    record Arc(int to, double log, int segment) {}

    private static final class Phone {
        final SenoneHMM hmm;
        final int first;

        Phone(SenoneHMM hmm, int first) {
            this.hmm = hmm;
            this.first = first;
        }

        int last() {
            return first + hmm.getOrder() - 1;
        }
    }

    final boolean tolerant;
    private final AcousticModel model;
    private final List<List<Arc>> open = new ArrayList<>();

    /**
     * @param ways for each spoken word, its pronunciations
     * @param tolerant whether words may be missing in the sound, and other speech may be between words
     */
    Graph(List<List<List<String>>> ways, AcousticModel model, boolean tolerant) {
        this.model = model;
        this.tolerant = tolerant;
        int count = ways.size();
        Phone[] silences = new Phone[count + 1];
        for (int i = 0; i <= count; i++) {
            silences[i] = add(model.silence());
        }
        List<List<Entry>> entries = new ArrayList<>();
        List<List<Exit>> exits = new ArrayList<>();
        for (int w = 0; w < count; w++) {
            entries.add(new ArrayList<>());
            exits.add(new ArrayList<>());
            Set<String> before = neighbours(ways, w - 1, false);
            Set<String> after = neighbours(ways, w + 1, true);
            for (List<String> phones : ways.get(w)) {
                word(phones, before, after, entries.get(w), exits.get(w));
            }
        }
        for (int w = 0; w < count; w++) {
            join(w, silences, entries, exits);
        }
        if (tolerant) {
            tolerate(silences, entries, exits);
        }
        starts.add(new Arc(silences[0].first, 0, SILENCE));
        ends.set(silences[count].last(), exitLog(silences[count]));
        open.forEach(list -> arcs.add(list.toArray(Arc[]::new)));
    }

    /** A word's ways in from the pause before it, and out to the pause or the word after it. */
    private void join(int w, Phone[] silences, List<List<Entry>> entries, List<List<Exit>> exits) {
        int count = entries.size();
        for (Entry entry : entries.get(w)) {
            if (entry.left.equals(AcousticModel.SILENCE)) {
                leave(silences[w], entry.phone.first, w);
                if (w == 0) {
                    starts.add(new Arc(entry.phone.first, 0, 0));
                }
            }
        }
        for (Exit exit : exits.get(w)) {
            if (exit.right.equals(AcousticModel.SILENCE)) {
                leave(exit.phone, silences[w + 1].first, SILENCE);
                if (w == count - 1) {
                    ends.set(exit.phone.last(), exitLog(exit.phone));
                }
            } else if (w + 1 < count) {
                for (Entry entry : entries.get(w + 1)) {
                    if (entry.phoneName.equals(exit.right) && entry.left.equals(exit.phoneName)) {
                        leave(exit.phone, entry.phone.first, w + 1);
                    }
                }
            }
        }
    }

    /** Other speech between any two words, and arcs past up to {@link #MOST_SKIPPED} words. */
    private void tolerate(Phone[] silences, List<List<Entry>> entries, List<List<Exit>> exits) {
        int count = entries.size();
        for (int boundary = 0; boundary <= count; boundary++) {
            int other = senones.size();
            senones.add(null);
            open.add(new ArrayList<>(List.of(new Arc(other, 0, SAME))));
            ends.add(boundary == count ? 0 : Double.NaN);
            double entry = -OTHER_SPEECH_ENTRY * AcousticModel.NAT;
            if (boundary == 0) {
                starts.add(new Arc(other, entry, OTHER_SPEECH));
            }
            leave(silences[boundary], other, OTHER_SPEECH, entry);
            open.get(other).add(new Arc(silences[boundary].first, 0, SILENCE));
            if (boundary > 0) {
                for (Exit exit : exits.get(boundary - 1)) {
                    if (exit.right.equals(AcousticModel.SILENCE)) {
                        leave(exit.phone, other, OTHER_SPEECH, entry);
                    }
                }
            }
            for (int to = boundary; to <= Math.min(count, boundary + MOST_SKIPPED); to++) {
                int skipped = to - boundary;
                double cost = skipped == 0 ? 0 : -(SKIP_FIRST + (skipped - 1) * SKIP_NEXT) * AcousticModel.NAT;
                if (to < count) {
                    skip(boundary, to, cost, other, silences, entries.get(to));
                    if (skipped > 0 && boundary > 0) {
                        skip(exits.get(boundary - 1), entries.get(to), to, cost);
                    }
                } else if (skipped > 0) {
                    leave(silences[boundary], silences[count].first, SILENCE, cost);
                    open.get(other).add(new Arc(silences[count].first, cost, SILENCE));
                }
            }
        }
    }

    /** From a boundary's pause and its other speech on to a later word. */
    private void skip(int boundary, int to, double cost, int other, Phone[] silences, List<Entry> word) {
        for (Entry next : word) {
            if (next.left.equals(AcousticModel.SILENCE)) {
                open.get(other).add(new Arc(next.phone.first, cost, to));
                if (to > boundary) {
                    leave(silences[boundary], next.phone.first, to, cost);
                    if (boundary == 0) {
                        starts.add(new Arc(next.phone.first, cost, to));
                    }
                }
            }
        }
    }

    /** Arcs from one word straight to a later one, without a pause between them. */
    private void skip(List<Exit> before, List<Entry> word, int to, double cost) {
        for (Exit exit : before) {
            for (Entry next : word) {
                boolean pause = exit.right.equals(AcousticModel.SILENCE) && next.left.equals(AcousticModel.SILENCE);
                if (pause) {
                    leave(exit.phone, next.phone.first, to, cost);
                }
            }
        }
    }

    private record Entry(Phone phone, String phoneName, String left) {}

    private record Exit(Phone phone, String phoneName, String right) {}

    private static Set<String> neighbours(List<List<List<String>>> ways, int word, boolean first) {
        Set<String> phones = new LinkedHashSet<>(Set.of(AcousticModel.SILENCE));
        if (word >= 0 && word < ways.size()) {
            ways.get(word).forEach(way -> phones.add(first ? way.get(0) : way.get(way.size() - 1)));
        }
        return phones;
    }

    private void word(
            List<String> phones, Set<String> before, Set<String> after, List<Entry> entries, List<Exit> exits) {
        int n = phones.size();
        List<Phone> open = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Set<String> lefts = i == 0 ? before : Set.of(phones.get(i - 1));
            Set<String> rights = i == n - 1 ? after : Set.of(phones.get(i + 1));
            List<Phone> here = new ArrayList<>();
            Map<SenoneHMM, Phone> merged = new HashMap<>();
            for (String left : lefts) {
                for (String right : rights) {
                    SenoneHMM hmm = model.phone(phones.get(i), left, right, i == 0, i == n - 1);
                    Phone phone;
                    if (i > 0 && i < n - 1) {
                        phone = merged.computeIfAbsent(hmm, this::add);
                    } else {
                        phone = add(hmm);
                    }
                    here.add(phone);
                    if (i == 0) {
                        entries.add(new Entry(phone, phones.get(i), left));
                    }
                    if (i == n - 1) {
                        exits.add(new Exit(phone, phones.get(i), right));
                    }
                }
            }
            for (Phone from : open) {
                here.forEach(to -> leave(from, to.first, SAME));
            }
            open = here;
        }
    }

    private Phone add(SenoneHMM hmm) {
        Phone phone = new Phone(hmm, senones.size());
        float[][] moves = hmm.getTransitionMatrix();
        Senone[] states = hmm.getSenoneSequence().getSenones();
        for (int i = 0; i < hmm.getOrder(); i++) {
            senones.add(states[i]);
            List<Arc> out = new ArrayList<>();
            for (int j = i; j < hmm.getOrder(); j++) {
                if (moves[i][j] > -1e8f) {
                    out.add(new Arc(phone.first + j, moves[i][j], SAME));
                }
            }
            open.add(out);
            ends.add(Double.NaN);
        }
        return phone;
    }

    private void leave(Phone from, int to, int segment) {
        leave(from, to, segment, 0);
    }

    private void leave(Phone from, int to, int segment, double cost) {
        float[][] moves = from.hmm.getTransitionMatrix();
        int order = from.hmm.getOrder();
        for (int i = 0; i < order; i++) {
            if (moves[i][order] > -1e8f) {
                open.get(from.first + i).add(new Arc(to, moves[i][order] + cost, segment));
            }
        }
    }

    private static double exitLog(Phone phone) {
        int order = phone.hmm.getOrder();
        return phone.hmm.getTransitionMatrix()[order - 1][order];
    }

    int size() {
        return senones.size();
    }
}
