package saltdrum.core.emphasis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;

/**
 * Words that the voice stresses, against the speaker's own norm in this clip, or that carry the sense. Weights were
 * chosen by hand on synthesised speech with marked stress; no source.
 */
public final class Suggestions {
    /** Limit as a share of all words, at any strength. */
    private static final double MOST_OF_ALL = 0.19;

    private static final double LEAST_OF_ALL = 0.03;
    /** At strength 0 only words that stand out clearly; at 1 all that stand out. */
    private static final double STRICT = 4.5;

    private static final double LOOSE = 0.7;
    private static final double NOTABLE = 1.0;
    private static final int NEIGHBOURS = 4;
    private static final double MOST_Z = 3.5;

    private static final Pattern ENDS = Pattern.compile(".*[.!?;:…]+[\"'”’)]*");
    private static final Pattern PAUSES = Pattern.compile(".*[.!?;:,…]+[\"'”’)]*");

    private Suggestions() {}

    /**
     * Those that ask for emphasis so strongly.
     *
     * @param all every word with its score
     * @param strength 0 for the clearest only, 1 for many
     * @return in the order of the words
     */
    public static List<Suggestion> chosen(List<Suggestion> all, double strength) {
        if (all.isEmpty()) {
            return List.of();
        }
        double needed = STRICT + (LOOSE - STRICT) * Math.max(0, Math.min(1, strength));
        double share = LEAST_OF_ALL + (MOST_OF_ALL - LEAST_OF_ALL) * Math.min(1, 0.25 + strength);
        int most = Math.max(1, (int) Math.floor(share * all.size()));
        Set<Suggestion> best = all.stream()
                .filter(one -> one.score() >= needed && !one.because().isEmpty())
                .sorted(Comparator.comparingDouble(Suggestion::score).reversed())
                .limit(most)
                .collect(Collectors.toSet());
        return all.stream().filter(best::contains).toList();
    }

    /**
     * Every word of a track with its score; listening takes about a hundredth of the time of the sound.
     *
     * @param words in order
     * @param sound of the clip; may be empty, then the text alone speaks
     * @param language of the text; null where it is not known
     */
    public static List<Suggestion> scored(List<Word> words, Sound sound, String language) {
        if (words.isEmpty()) {
            return List.of();
        }
        WordSense sense = new WordSense(words, language);
        boolean heard = !sound.isEmpty();
        List<WordSound> sounds = heard ? WordSound.of(words, sound) : List.of();
        double[] loud = heard
                ? norm(
                        level(
                                words,
                                sounds.stream().mapToDouble(WordSound::loudness).toArray()),
                        true)
                : null;
        double[] pitch = heard
                ? norm(
                        level(
                                words,
                                sounds.stream().mapToDouble(WordSound::pitch).toArray()),
                        true)
                : null;
        double[] range =
                heard ? norm(sounds.stream().mapToDouble(WordSound::range).toArray(), false) : null;
        double[] length = heard ? norm(lengths(words, sounds), false) : null;
        List<Suggestion> all = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            List<String> because = new ArrayList<>();
            double score = 0;
            if (heard) {
                double pause = pause(words, sounds, i);
                score = 0.9 * loud[i] + 1.1 * pitch[i] + 0.4 * range[i] + 0.7 * length[i] + 0.5 * pause;
                List<String> how = new ArrayList<>();
                add(how, loud[i] >= NOTABLE, "louder");
                add(how, pitch[i] >= NOTABLE, "higher");
                add(how, length[i] >= NOTABLE, "longer");
                if (!how.isEmpty()) {
                    because.add("said " + listed(how));
                }
                add(because, pause >= 1, "after a pause");
            }
            score += meaning(sense, words, i, because);
            all.add(new Suggestion(words.get(i).id(), Math.round(100 * score) / 100.0, List.copyOf(because)));
        }
        return all;
    }

    /** “louder, higher and longer”. */
    private static String listed(List<String> how) {
        int last = how.size() - 1;
        return last == 0 ? how.get(0) : String.join(", ", how.subList(0, last)) + " and " + how.get(last);
    }

    private static void add(List<String> list, boolean there, String said) {
        if (there) {
            list.add(said);
        }
    }

    private static double meaning(WordSense sense, List<Word> words, int i, List<String> because) {
        WordSense.Kind kind = sense.kind(words.get(i));
        boolean setAgainst =
                i > 0 && sense.kind(words.get(i - 1)) == WordSense.Kind.NEGATION && kind == WordSense.Kind.CONTENT;
        add(because, kind == WordSense.Kind.NUMBER, "a number");
        add(because, kind == WordSense.Kind.NEGATION, "a no");
        add(because, kind == WordSense.Kind.CONTRAST, "singles something out");
        add(because, setAgainst, "set against something");
        if (because.isEmpty()) {
            add(because, sense.rare(words.get(i)), "said only here");
        }
        return switch (kind) {
                    case FUNCTION -> -1.6;
                    case CONTENT -> sense.rare(words.get(i)) ? 0.5 : 0.2;
                    case NUMBER -> 1.1;
                    case NEGATION -> 0.9;
                    case CONTRAST -> 0.9;
                }
                + (setAgainst ? 0.4 : 0);
    }

    /** A pause in the middle of a sentence, 1 for 250 ms. */
    private static double pause(List<Word> words, List<WordSound> sounds, int i) {
        boolean begins = i == 0 || pausesAfter(words.get(i - 1));
        return begins ? 0 : Math.min(2, sounds.get(i).pause() / 250);
    }

    /** A voice falls along a sentence: what is left when the fall that is usual in this clip is taken away. */
    private static double[] level(List<Word> words, double[] values) {
        double[] along = new double[values.length];
        int from = 0;
        for (int i = 0; i < values.length; i++) {
            if (i + 1 == values.length || ends(words.get(i))) {
                for (int w = from; w <= i; w++) {
                    along[w] = i == from ? 0.5 : (double) (w - from) / (i - from);
                }
                from = i + 1;
            }
        }
        double slope = slope(along, values);
        return IntStream.range(0, values.length)
                .mapToDouble(i -> values[i] - slope * along[i])
                .toArray();
    }

    /** Of the line of least squares through what is known. */
    private static double slope(double[] x, double[] y) {
        int[] known =
                IntStream.range(0, y.length).filter(i -> Double.isFinite(y[i])).toArray();
        double mx = Arrays.stream(known).mapToDouble(i -> x[i]).average().orElse(0);
        double my = Arrays.stream(known).mapToDouble(i -> y[i]).average().orElse(0);
        double above =
                Arrays.stream(known).mapToDouble(i -> (x[i] - mx) * (y[i] - my)).sum();
        double below =
                Arrays.stream(known).mapToDouble(i -> (x[i] - mx) * (x[i] - mx)).sum();
        return below == 0 ? 0 : above / below;
    }

    private static boolean ends(Word word) {
        return ENDS.matcher(word.text()).matches();
    }

    /** Where a voice pauses anyway. */
    private static boolean pausesAfter(Word word) {
        return PAUSES.matcher(word.text()).matches();
    }

    /** How much longer a word was said than its letters let expect, in logarithms; a word before a pause is drawn out anyway. */
    private static double[] lengths(List<Word> words, List<WordSound> sounds) {
        double[] lengths = new double[words.size()];
        for (int i = 0; i < lengths.length; i++) {
            double letters = Math.max(1, WordSense.plain(words.get(i)).length());
            double expected = 90 + 55 * letters;
            boolean last = i + 1 == lengths.length || pausesAfter(words.get(i));
            double ms = Math.max(20, words.get(i).endMs() - words.get(i).startMs());
            lengths[i] = Math.log(ms / expected) - (last ? 0.45 : 0);
        }
        return lengths;
    }

    /**
     * The deviation from the usual value, which is the median and the median deviation of the whole clip; half of it
     * is relative to the neighbours, because a voice falls along a sentence.
     */
    private static double[] norm(double[] values, boolean local) {
        double[] known = Arrays.stream(values).filter(Double::isFinite).sorted().toArray();
        if (known.length < 3) {
            return new double[values.length];
        }
        double middle = known[known.length / 2];
        double spread =
                Arrays.stream(known).map(v -> Math.abs(v - middle)).sorted().toArray()[known.length / 2];
        double unit = Math.max(1e-6, 1.4826 * spread);
        return IntStream.range(0, values.length)
                .mapToDouble(i -> {
                    if (!Double.isFinite(values[i])) {
                        return 0;
                    }
                    double z = (values[i] - middle) / unit;
                    double here = local ? (values[i] - around(values, i)) / unit : z;
                    return Math.max(-MOST_Z, Math.min(MOST_Z, (z + here) / 2));
                })
                .toArray();
    }

    private static double around(double[] values, int i) {
        double sum = 0;
        int count = 0;
        for (int n = Math.max(0, i - NEIGHBOURS); n <= Math.min(values.length - 1, i + NEIGHBOURS); n++) {
            if (n != i && Double.isFinite(values[n])) {
                sum += values[n];
                count++;
            }
        }
        return count == 0 ? values[i] : sum / count;
    }
}
