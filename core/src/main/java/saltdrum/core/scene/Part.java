package saltdrum.core.scene;

import java.util.List;
import saltdrum.core.plane.Box;

/**
 * Marks that are on the screen together, drawn in order while {@code startMs <= t < endMs}.
 *
 * @param cueId the cue that it shows
 * @param depth parts that are alive at once are drawn from the least to the greatest, equal ones by their beginning
 * @param bounds all ink at any time, design pixels
 * @param fit 1, or how far the letters were shrunk to fit the style's width
 * @param missing characters that no font has, and that are not drawn; empty for none
 */
public record Part(
        long cueId, int startMs, int endMs, int depth, Box bounds, double fit, String missing, List<Mark> marks) {
    public Part(long cueId, int startMs, int endMs, int depth, Box bounds, double fit, List<Mark> marks) {
        this(cueId, startMs, endMs, depth, bounds, fit, "", marks);
    }

    public Part {
        marks = List.copyOf(marks);
    }

    /** The same, drawn over what is less deep. */
    public Part atDepth(int newDepth) {
        return new Part(cueId, startMs, endMs, newDepth, bounds, fit, missing, marks);
    }
}
