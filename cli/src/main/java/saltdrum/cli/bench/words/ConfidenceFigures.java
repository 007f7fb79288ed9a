package saltdrum.cli.bench.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.core.word.Word;

/** How sure the words were that are right, and those that are not. */
final class ConfidenceFigures {
    private static final double LIMIT = 0.6;

    private final List<Double> right = new ArrayList<>();
    private final List<Double> wrong = new ArrayList<>();

    private final WordError words = new WordError();

    /** @param onsets receives the error of each correct word's start, ms, if the reference has times */
    void add(List<Word> truth, List<Word> heard, List<Double> onsets) {
        List<String> said = truth.stream().map(word -> plain(word.text())).toList();
        for (Word word : heard) {
            String text = plain(word.text());
            if (text.isEmpty()) {
                continue;
            }
            int match = -1;
            for (int i = 0; i < said.size(); i++) {
                boolean near = Math.abs(truth.get(i).startMs() - word.startMs()) < 400;
                boolean nearer = match < 0
                        || Math.abs(truth.get(i).startMs() - word.startMs())
                                < Math.abs(truth.get(match).startMs() - word.startMs());
                if (near && nearer && said.get(i).equals(text)) {
                    match = i;
                }
            }
            if (match >= 0) {
                right.add(word.confidence());
                if (truth.get(match).confidence() > 0) {
                    onsets.add((double) Math.abs(truth.get(match).startMs() - word.startMs()));
                }
            } else {
                wrong.add(word.confidence());
            }
        }
    }

    private String plain(String text) {
        return String.join(" ", words.spoken(List.of(text)));
    }

    double rightMarked() {
        return share(right);
    }

    double wrongMarked() {
        return share(wrong);
    }

    private static double share(List<Double> all) {
        return 100.0 * all.stream().filter(c -> c < LIMIT).count() / Math.max(1, all.size());
    }

    /** Share of right words by how sure they were. */
    String table() {
        StringBuilder table = new StringBuilder("right of those from");
        double[] edges = {0, 0.3, 0.45, 0.6, 0.75, 0.9, 1.01};
        for (int e = 0; e + 1 < edges.length; e++) {
            double from = edges[e];
            double to = edges[e + 1];
            long good = right.stream().filter(c -> c >= from && c < to).count();
            long bad = wrong.stream().filter(c -> c >= from && c < to).count();
            table.append(String.format(Locale.ROOT, " %.2f: %d of %d;", from, good, good + bad));
        }
        return table.toString();
    }
}
