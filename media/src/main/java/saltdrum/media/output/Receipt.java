package saltdrum.media.output;

import java.util.List;

/**
 * What was measured on a finished output, by looking at the file.
 *
 * @param good whether all of it is as it should be
 */
public record Receipt(boolean good, List<Line> lines) {
    /**
     * One thing that was measured.
     *
     * @param what such as “Frames”
     * @param measured in words
     * @param good whether it is as it should be; true for what is only told
     */
    public record Line(String what, String measured, boolean good) {}

    public Receipt {
        lines = List.copyOf(lines);
    }

    static Receipt of(List<Line> lines) {
        return new Receipt(lines.stream().allMatch(Line::good), lines);
    }
}
