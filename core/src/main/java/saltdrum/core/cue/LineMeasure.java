package saltdrum.core.cue;

import java.util.List;
import saltdrum.core.word.Word;

/** Measures lines as they will be drawn, so that breaks fit the look. */
public interface LineMeasure {
    /** Counts characters only, as in a tall frame. */
    LineMeasure NONE = (words, lines) -> (start, end) -> true;

    /**
     * Of words that are broken together, in their order.
     *
     * @param lines most lines of a cue
     */
    Lines of(List<Word> words, int lines);

    /** Whether the frame is taller than wide. */
    default boolean tall() {
        return true;
    }

    interface Lines {
        /** The typical number of characters that fit in a line; endless where they are only counted. */
        default double characters() {
            return Double.MAX_VALUE;
        }

        /** Whether words {@code start} (inclusive) to {@code end} (exclusive) fit in a line at full size. */
        boolean fit(int start, int end);
    }
}
