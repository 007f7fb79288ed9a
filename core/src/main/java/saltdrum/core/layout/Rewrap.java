package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Arranges words in the fewest lines that fit a width, as even as possible. */
final class Rewrap {
    private Rewrap() {}

    /**
     * @param most maximum number of lines; if the words do not fit in them, they are distributed as evenly as
     * possible
     */
    static List<List<MeasuredWord>> lines(List<MeasuredWord> words, double room, int most) {
        int upTo = Math.max(1, Math.min(most, words.size()));
        for (int lines = 1; lines < upTo; lines++) {
            int[] starts = starts(words, lines);
            if (widest(words, starts) <= room) {
                return split(words, starts);
            }
        }
        return split(words, starts(words, upTo));
    }

    /** Where so many lines start so that the widest is as narrow as can be, and then the squares of all are least. */
    private static int[] starts(List<MeasuredWord> words, int lines) {
        int n = words.size();
        double[][] widest = new double[lines + 1][n + 1];
        double[][] squares = new double[lines + 1][n + 1];
        int[][] from = new int[lines + 1][n + 1];
        for (double[] row : widest) {
            Arrays.fill(row, Double.MAX_VALUE);
        }
        widest[0][0] = 0;
        for (int line = 1; line <= lines; line++) {
            for (int end = line; end <= n; end++) {
                double width = 0;
                for (int start = end - 1; start >= line - 1; start--) {
                    MeasuredWord word = words.get(start);
                    width += word.width()
                            + (start + 1 < end ? words.get(start + 1).gap() : 0);
                    double most = Math.max(widest[line - 1][start], width);
                    double square = squares[line - 1][start] + width * width;
                    if (most < widest[line][end] - 1e-9
                            || most <= widest[line][end] + 1e-9 && square < squares[line][end]) {
                        widest[line][end] = most;
                        squares[line][end] = square;
                        from[line][end] = start;
                    }
                }
            }
        }
        int[] starts = new int[lines];
        int end = n;
        for (int line = lines; line > 0; line--) {
            end = from[line][end];
            starts[line - 1] = end;
        }
        return starts;
    }

    private static double widest(List<MeasuredWord> words, int[] starts) {
        return split(words, starts).stream().mapToDouble(CueLines::width).max().orElse(0);
    }

    private static List<List<MeasuredWord>> split(List<MeasuredWord> words, int[] starts) {
        List<Integer> all = new ArrayList<>();
        for (int start : starts) {
            all.add(start);
        }
        return CueLines.lines(words, all);
    }
}
