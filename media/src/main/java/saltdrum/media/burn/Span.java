package saltdrum.media.burn;

import saltdrum.media.clip.FrameTimes;

/**
 * Frames of a clip that follow one another.
 *
 * @param from the first of them, 0 for the clip's first
 * @param to the first after them
 */
public record Span(int from, int to) {
    public Span {
        if (from < 0 || to < from) {
            throw new IllegalArgumentException(from + " to " + to);
        }
    }

    public static Span all(FrameTimes times) {
        return new Span(0, times.count());
    }

    public int count() {
        return to - from;
    }

    boolean isAll(FrameTimes times) {
        return from == 0 && to == times.count();
    }
}
