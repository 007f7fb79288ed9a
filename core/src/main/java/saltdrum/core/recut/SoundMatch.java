package saltdrum.core.recut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;

/**
 * Finds words of one sound in another that was cut from the same recording, with parts removed, added or moved.
 * Independent of the language. The surroundings of each word are searched by their contour, and each candidate is
 * compared as a wave. The chosen places of all words are those that continue one another as cuts do.
 */
public final class SoundMatch {
    /** Context around a word that makes its place unique. */
    private static final int AROUND_MS = 600;
    /** Around a word whose surroundings were cut away. */
    private static final int NEAR_MS = 150;

    private static final int PLACES = 4;
    private static final double CONTOUR_LIKE = 0.5;
    /** Two places so near are one. */
    private static final int SAME_STEPS = 4;

    /** A word as a wave with a little before and behind it, and not shorter than that. */
    private static final int EDGE_MS = 20;

    private static final int LEAST_MS = 220;
    private static final int FINE_MS = 12;
    /**
     * Measured on the demo: the same recording scores 0.99 when encoded again and at least 0.81 under a loud chord.
     * The most similar other place in a clip scores 0.83, and less than 0.57 for half of the words. So a single word
     * decides nothing.
     */
    private static final double WAVE_LIKE = 0.75;
    /** What even the least likely place is worth, so that what is found counts more than nothing. */
    private static final double FOUND = 0.05;

    /** What a cut costs, in likeness: fewer cuts are likelier. */
    private static final double CUT = 0.15;
    /** What a cut back costs more. */
    private static final double BACK = 0.15;

    private static final int NEIGHBOURS = 3;

    private final PowerContour before;
    private final PowerContour after;
    private final LowBandWave beforeWave;
    private final LowBandWave afterWave;
    private final int afterMs;

    public SoundMatch(Sound before, Sound after) {
        this.before = new PowerContour(before);
        this.after = new PowerContour(after);
        this.beforeWave = new LowBandWave(before);
        this.afterWave = new LowBandWave(after);
        this.afterMs = after.lengthMs();
    }

    /** A place where a word may be. @param by how far it is from where it was, ms */
    private record Place(int by, double like) {}

    /**
     * @param words in their order
     * @param progress gets 0 to 1
     * @return those that were found, in the same order
     */
    public List<PlacedWord> place(List<Word> words, DoubleConsumer progress, BooleanSupplier stopped) {
        List<List<Integer>> rough = new ArrayList<>();
        for (int i = 0; i < words.size() && !stopped.getAsBoolean(); i++) {
            rough.add(rough(words.get(i)));
            progress.accept(0.7 * (i + 1) / words.size());
        }
        List<List<Place>> places = new ArrayList<>();
        for (int i = 0; i < rough.size() && !stopped.getAsBoolean(); i++) {
            places.add(fine(words.get(i), rough, i));
            progress.accept(0.7 + 0.3 * (i + 1) / words.size());
        }
        if (places.size() < words.size()) {
            return List.of();
        }
        return likeliest(words, places);
    }

    /** Shifts in ms that the contour around a word speaks for. */
    private List<Integer> rough(Word word) {
        List<Integer> shifts = new ArrayList<>();
        int middle = (word.startMs() + word.endMs()) / 2;
        look(middle - AROUND_MS, middle + AROUND_MS, shifts);
        look(word.startMs() - NEAR_MS, word.endMs() + NEAR_MS, shifts);
        return shifts;
    }

    private void look(int fromMs, int toMs, List<Integer> shifts) {
        int from = Math.max(0, fromMs / PowerContour.STEP_MS);
        int length = Math.min(before.length(), toMs / PowerContour.STEP_MS) - from;
        if (length < 10 || length > after.length()) {
            return;
        }
        record At(int step, double like) {}
        List<At> best = new ArrayList<>();
        for (int at = 0; at + length <= after.length(); at++) {
            double like = before.like(from, length, after, at);
            if (like > CONTOUR_LIKE) {
                At here = new At(at, like);
                At beaten = best.stream()
                        .filter(one -> Math.abs(one.step - here.step) <= SAME_STEPS)
                        .findFirst()
                        .orElse(null);
                if (beaten == null || beaten.like < like) {
                    best.remove(beaten);
                    best.add(here);
                    best.sort(Comparator.comparingDouble(At::like).reversed());
                    if (best.size() > PLACES) {
                        best.remove(PLACES);
                    }
                }
            }
        }
        best.forEach(one -> shifts.add((one.step - from) * PowerContour.STEP_MS));
    }

    /** The word itself, at every shift that it or a neighbour may have. */
    private List<Place> fine(Word word, List<List<Integer>> rough, int index) {
        Map<Integer, Place> places = new LinkedHashMap<>();
        int missing = Math.max(0, LEAST_MS - word.durationMs()) / 2;
        int from = (word.startMs() - EDGE_MS - missing) * LowBandWave.A_MS;
        int to = (word.endMs() + EDGE_MS + missing) * LowBandWave.A_MS;
        for (int i = Math.max(0, index - NEIGHBOURS); i <= Math.min(rough.size() - 1, index + NEIGHBOURS); i++) {
            for (int shift : rough.get(i)) {
                LowBandWave.Found found = beforeWave.find(
                        from, to, afterWave, from + shift * LowBandWave.A_MS, FINE_MS * LowBandWave.A_MS);
                int by = Math.round((found.at() - from) / (float) LowBandWave.A_MS);
                boolean inside = word.startMs() + by >= 0 && word.endMs() + by <= afterMs;
                if (found.like() >= WAVE_LIKE && inside) {
                    places.merge(by, new Place(by, found.like()), (one, other) -> one.like > other.like ? one : other);
                }
            }
        }
        return List.copyOf(places.values());
    }

    /** The best way through all words, each at one of its places or lost (Viterbi 1967). */
    private static List<PlacedWord> likeliest(List<Word> words, List<List<Place>> places) {
        record Step(int word, Place place, double score, Step from) {}
        Step none = new Step(-1, null, 0, null);
        List<Step> open = List.of(none);
        for (int i = 0; i < words.size(); i++) {
            List<Step> next = new ArrayList<>(open);
            for (Place place : places.get(i)) {
                Step best = null;
                for (Step step : open) {
                    double score =
                            step.score + place.like - WAVE_LIKE + FOUND - cut(words, step.word, step.place, i, place);
                    if (best == null || score > best.score) {
                        best = new Step(i, place, score, step);
                    }
                }
                next.add(best);
            }
            // Few are worth going on from.
            next.sort(Comparator.comparingDouble(Step::score).reversed());
            open = next.size() > 60 ? List.copyOf(next.subList(0, 60)) : next;
        }
        List<PlacedWord> placed = new ArrayList<>();
        for (Step step = open.get(0); step.place != null; step = step.from) {
            Word word = words.get(step.word);
            placed.add(0, new PlacedWord(word.id(), word.startMs() + step.place.by, word.endMs() + step.place.by));
        }
        return placed;
    }

    private static double cut(List<Word> words, int before, Place was, int index, Place is) {
        if (was == null || Math.abs(was.by - is.by) <= FINE_MS) {
            return 0;
        }
        int ended = words.get(before).endMs() + was.by;
        return words.get(index).startMs() + is.by < ended ? CUT + BACK : CUT;
    }
}
