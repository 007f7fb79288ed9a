package saltdrum.speech.speakers;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;

/**
 * Which words of a clip are said by the same voice, for a known number of voices. Sentences are joined by the
 * Bayesian information criterion (Chen and Gopalakrishnan 1998), then voices and words are fitted to each other by the
 * Viterbi algorithm. Words that a person gave to a voice stay there.
 */
public final class SpeakerFinder {
    /** A sentence ends, for joining, in a pause of this length too. */
    private static final int PAUSE_MS = 300;

    private static final int LEAST_UNIT_MS = 500;

    /** Joining is cubic in their number. */
    private static final int MOST_UNITS = 400;

    private static final double PENALTY = 1.3;
    private static final int LEAST_COUNTED = 20;

    private static final int PASSES = 3;
    private static final int PASSES_WITH_GIVEN = 6;

    private final SpokenWords spoken;
    private final int count;
    private final int[] given;

    private SpeakerFinder(SpokenWords spoken, int count, int[] given) {
        this.spoken = spoken;
        this.count = count;
        this.given = given;
    }

    /**
     * Who says each word.
     *
     * @param speakers 1 for the first that is heard, where no words were given
     * @param sure how sure that is, 0 to 1
     */
    public record Found(int[] speakers, double[] sure) {
        /** A turn less sure than this is to be listened to. */
        private static final double SURE = 0.9;

        /**
         * Words side by side that one speaker says.
         *
         * @param from index of the first word
         * @param doubtful whether it is to be listened to
         */
        public record Stretch(int from, int speaker, boolean doubtful) {}

        public List<Stretch> stretches() {
            List<Stretch> stretches = new ArrayList<>();
            for (int from = 0; from < speakers.length; ) {
                int end = from;
                double all = 0;
                while (end < speakers.length && speakers[end] == speakers[from]) {
                    all += sure[end++];
                }
                stretches.add(new Stretch(from, speakers[from], all / (end - from) < SURE));
                from = end;
            }
            return stretches;
        }
    }

    /**
     * @param words in order of time
     * @param count how many speak, from 1 on
     * @param given for each word the speaker that a person gave it to; 0 for none
     */
    public static Found find(Sound sound, List<Word> words, int count, int[] given) {
        if (count < 2 || words.isEmpty()) {
            int[] one = new int[words.size()];
            Arrays.fill(one, 1);
            double[] sure = new double[words.size()];
            Arrays.fill(sure, 1);
            return new Found(one, sure);
        }
        SpokenWords spoken = new SpokenWords(sound, words);
        return new SpeakerFinder(spoken, count, given).found();
    }

    private Found found() {
        int[] speakers = numbered(joined());
        boolean any = Arrays.stream(given).anyMatch(speaker -> speaker > 0);
        SpeakerPath path = new SpeakerPath(spoken, count, given);
        for (int pass = 0; pass < (any ? PASSES_WITH_GIVEN : PASSES); pass++) {
            speakers = path.through(speakers);
        }
        return new Found(speakers, path.sure(speakers));
    }

    private record Unit(List<Integer> words, VoiceModel model, double determinant, int given) {}

    private Unit unit(List<Integer> words, VoiceModel model, int speaker) {
        return new Unit(words, model, model.logDeterminant(spoken.all), speaker);
    }

    /** Sentences, and parts of them between pauses, joined until so many voices are left. */
    private List<Unit> joined() {
        List<Unit> units = units();
        while (units.size() > count) {
            int first = -1;
            int second = -1;
            double least = Double.MAX_VALUE;
            boolean few = units.size() <= MOST_UNITS;
            for (int i = 0; i < units.size(); i++) {
                for (int j = i + 1; j < (few ? units.size() : Math.min(units.size(), i + 2)); j++) {
                    if (!joinable(units.get(i), units.get(j))) {
                        continue;
                    }
                    double cost = known(units.get(i), units.get(j));
                    if (cost < least) {
                        least = cost;
                        first = i;
                        second = j;
                    }
                }
            }
            if (first < 0) {
                break;
            }
            Unit best = both(units.get(first), units.get(second));
            units.remove(second);
            units.set(first, best);
        }
        return units;
    }

    private static boolean joinable(Unit a, Unit b) {
        return a.given == 0 || b.given == 0 || a.given == b.given;
    }

    private Unit both(Unit a, Unit b) {
        List<Integer> words = new ArrayList<>(a.words);
        words.addAll(b.words);
        return unit(words, VoiceModel.joined(a.model, b.model), Math.max(a.given, b.given));
    }

    /** Each pair is measured once; units compare by identity. */
    private final Map<Unit, Map<Unit, Double>> costs = new IdentityHashMap<>();

    private double known(Unit a, Unit b) {
        return costs.computeIfAbsent(a, none -> new IdentityHashMap<>()).computeIfAbsent(b, none -> cost(a, b));
    }

    /** Of taking two units for one voice, natural logarithm; those that a person gave to one voice cost nothing. */
    private double cost(Unit a, Unit b) {
        if (a.given > 0 && a.given == b.given) {
            return -Double.MAX_VALUE;
        }
        VoiceModel both = VoiceModel.joined(a.model, b.model);
        double values = SpokenWords.VALUES;
        double penalty =
                PENALTY * 0.5 * (values + values * (values + 1) / 2) * Math.log(Math.max(LEAST_COUNTED, both.count()));
        return 0.5
                        * (both.count() * both.logDeterminant(spoken.all)
                                - a.model.count() * a.determinant
                                - b.model.count() * b.determinant)
                - penalty;
    }

    private List<Unit> units() {
        List<Unit> units = new ArrayList<>();
        List<Integer> open = new ArrayList<>();
        for (int w = 0; w < spoken.words.size(); w++) {
            open.add(w);
            boolean last = w + 1 == spoken.words.size();
            int ms = spoken.words.get(w).endMs() - spoken.words.get(open.get(0)).startMs();
            boolean pause = !last && spoken.gapBefore(w + 1) > PAUSE_MS;
            boolean givenChanges = !last && given[w + 1] != given[w];
            if (last || givenChanges || ms > LEAST_UNIT_MS && (pause || spoken.endsSentence(w))) {
                VoiceModel model = spoken.model(open);
                if (model.count() > 0) {
                    units.add(unit(List.copyOf(open), model, given[open.get(0)]));
                }
                open.clear();
            }
        }
        return units;
    }

    /** For each word its speaker: given ones by their number, the others in order of their first word. */
    private int[] numbered(List<Unit> units) {
        List<Unit> free = new ArrayList<>(units.stream()
                .filter(unit -> unit.given == 0)
                .sorted(Comparator.comparingInt(
                        unit -> unit.words.stream().min(Integer::compare).orElse(0)))
                .toList());
        int[] speakers = new int[spoken.words.size()];
        for (Unit unit : units) {
            unit.words.forEach(w -> speakers[w] = unit.given);
        }
        boolean[] taken = new boolean[count + 1];
        units.forEach(unit -> taken[Math.min(count, unit.given)] |= unit.given > 0);
        int next = 1;
        for (Unit unit : free) {
            while (next < count && taken[next]) {
                next++;
            }
            int speaker = next;
            unit.words.forEach(w -> speakers[w] = speaker);
            taken[speaker] = true;
        }
        // Words without a frame that tells anything are said by the one before.
        for (int w = 0; w < speakers.length; w++) {
            speakers[w] = speakers[w] > 0 ? speakers[w] : w > 0 ? speakers[w - 1] : 1;
        }
        return speakers;
    }
}
