package saltdrum.core.cue;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.word.Word;

/**
 * A stretch of a clip.
 *
 * @param fromMs its first moment, at least 0
 * @param toMs the first moment after it
 */
public record Range(int fromMs, int toMs) {
    public static final Range ALL = new Range(0, Integer.MAX_VALUE);

    /**
     * The requested range, limited to the clip.
     *
     * @param fromMs null for the beginning
     * @param toMs null for the end
     * @throws BadInputException if no part of it is inside the clip
     */
    public static Range of(Integer fromMs, Integer toMs, long clipMs) {
        int from = fromMs == null ? 0 : fromMs;
        int to = (int) Math.min(clipMs, toMs == null ? clipMs : toMs);
        if (from < 0 || from >= to) {
            throw new BadInputException(
                    "That range is outside the clip, which is " + clipMs / 1000.0 + " s long. Choose it again.");
        }
        return new Range(from, to);
    }

    public int lengthMs() {
        return toMs - fromMs;
    }

    public boolean holds(int ms) {
        return ms >= fromMs && ms < toMs;
    }

    /** A word belongs to the stretch in which it starts. */
    public boolean holds(Word word) {
        return holds(word.startMs());
    }

    /** Whether it is between the first and the last word of a cue. */
    public boolean isWithin(Cue cue) {
        return cue.firstWordMs() < fromMs && cue.lastWordMs() > toMs;
    }

    public boolean isAllOf(long clipMs) {
        return fromMs == 0 && toMs >= clipMs;
    }

    /** Words whose times count from its beginning, with the clip's times. */
    public List<Word> inClip(List<Word> words) {
        return words.stream()
                .map(word -> word.withTime(word.startMs() + fromMs, word.endMs() + fromMs))
                .toList();
    }
}
