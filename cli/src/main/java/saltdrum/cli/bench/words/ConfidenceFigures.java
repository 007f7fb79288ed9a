package saltdrum.cli.bench.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.core.merge.TokenAlignment;
import saltdrum.core.word.Word;

/** How sure the words were that are right, and those that are not. */
final class ConfidenceFigures {
    private static final double[] LIMITS = {0.3, 0.4, 0.5, Word.UNSURE_BELOW, 0.7, 0.8, 0.9};

    private final List<Double> right = new ArrayList<>();
    private final List<Double> wrong = new ArrayList<>();

    private final WordError words = new WordError();

    /** @param onsets receives the error of each right word's start, ms, where the truth has times */
    void add(List<Word> truth, List<Word> heard, List<Double> onsets) {
        for (TokenAlignment.Pair pair : TokenAlignment.pairs(plain(truth), plain(heard))) {
            if (pair.typed() < 0 || plain(heard.get(pair.typed())).isEmpty()) {
                continue;
            }
            Word word = heard.get(pair.typed());
            if (pair.old() < 0 || !plain(word).equals(plain(truth.get(pair.old())))) {
                wrong.add(word.confidence());
                continue;
            }
            right.add(word.confidence());
            Word said = truth.get(pair.old());
            if (said.confidence() > 0) {
                onsets.add((double) Math.abs(said.startMs() - word.startMs()));
            }
        }
    }

    private List<String> plain(List<Word> all) {
        return all.stream().map(this::plain).toList();
    }

    private String plain(Word word) {
        return String.join(" ", words.spoken(List.of(word.text())));
    }

    double rightMarked() {
        return share(right, Word.UNSURE_BELOW);
    }

    double wrongMarked() {
        return share(wrong, Word.UNSURE_BELOW);
    }

    private static double share(List<Double> all, double limit) {
        return 100.0 * all.stream().filter(c -> c < limit).count() / Math.max(1, all.size());
    }

    /** Shares of wrong and of right words below several limits. */
    String curve() {
        StringBuilder curve = new StringBuilder(wrong.size() + " wrong, " + right.size() + " right; below");
        for (double limit : LIMITS) {
            curve.append(String.format(
                    Locale.ROOT, " %.1f: %.0f %% at %.1f %%;", limit, share(wrong, limit), share(right, limit)));
        }
        return curve.toString();
    }
}
