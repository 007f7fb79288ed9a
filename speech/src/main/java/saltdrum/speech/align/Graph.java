package saltdrum.speech.align;

import edu.cmu.sphinx.linguist.acoustic.tiedstate.Senone;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.SenoneHMM;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.speech.model.AcousticModel;

/**
 * Every way the words can be said one after another: all pronunciations, phones in the context of their neighbours
 * across word edges, a silence wherever one may fall. States are numbered; arcs go to a state with a log probability
 * and tell when a word or a silence begins.
 */
final class Graph {
    /** Segment of an arc that stays inside what it was. */
    static final int SAME = -1;

    static final int SILENCE = -2;

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

    private final AcousticModel model;
    private final List<List<Arc>> open = new ArrayList<>();

    /** @param ways for each spoken word, its pronunciations */
    Graph(List<List<List<String>>> ways, AcousticModel model) {
        this.model = model;
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
        starts.add(new Arc(silences[0].first, 0, SILENCE));
        ends.set(silences[count].last(), exitLog(silences[count]));
        open.forEach(list -> arcs.add(list.toArray(Arc[]::new)));
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
        float[][] moves = from.hmm.getTransitionMatrix();
        int order = from.hmm.getOrder();
        for (int i = 0; i < order; i++) {
            if (moves[i][order] > -1e8f) {
                open.get(from.first + i).add(new Arc(to, moves[i][order], segment));
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
