package saltdrum.media.burn;

import java.util.ArrayList;
import java.util.List;
import saltdrum.media.clip.FrameTimes;

/** The start times of a burned video's pieces. They depend only on the clip's times, so every burn of a clip has the same. */
public final class PieceGrid {
    private static final long APART_US = 4_000_000;
    /** A remainder shorter than this at the end is merged into the piece before. */
    private static final long SHORTEST_US = 1_000_000;

    private PieceGrid() {}

    /** All frames in their order; empty for a clip without any. */
    public static List<Span> of(FrameTimes times) {
        List<Span> pieces = new ArrayList<>();
        int count = times.count();
        if (count == 0) {
            return pieces;
        }
        long last = times.us(count - 1);
        int from = 0;
        long next = times.us(0) + APART_US;
        for (int i = 1; i < count; i++) {
            if (times.us(i) >= next && last - times.us(i) >= SHORTEST_US) {
                pieces.add(new Span(from, i));
                from = i;
                while (next <= times.us(i)) {
                    next += APART_US;
                }
            }
        }
        pieces.add(new Span(from, count));
        return pieces;
    }
}
