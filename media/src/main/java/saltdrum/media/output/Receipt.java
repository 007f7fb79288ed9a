package saltdrum.media.output;

import java.util.ArrayList;
import java.util.List;
import saltdrum.media.pieces.PiecedBurn;

/**
 * The measurements of a finished output.
 *
 * @param good whether all of it is as it should be
 */
public record Receipt(boolean good, List<Line> lines) {
    /**
     * One measurement.
     *
     * @param what such as “Frames”
     * @param measured in words
     * @param good whether it is as it should be; true for mere information
     */
    public record Line(String what, String measured, boolean good) {}

    public Receipt {
        lines = List.copyOf(lines);
    }

    /** Says as well what of a film was encoded. @param made null for what is not put together */
    Receipt with(PiecedBurn.Made made) {
        if (made == null || made.pieces() == null) {
            return this;
        }
        int all = made.pieces().shown().size();
        String told = made.anew() == all
                ? "all " + all + " encoded"
                : made.anew() + " of " + all + " encoded, the others reused";
        List<Line> more = new ArrayList<>(lines);
        more.add(new Line("Pieces", told, true));
        return of(more);
    }

    static Receipt of(List<Line> lines) {
        return new Receipt(lines.stream().allMatch(Line::good), lines);
    }
}
