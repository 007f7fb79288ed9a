package saltdrum.core.scene;

import java.util.List;

/**
 * One cue as marks, drawn in order while {@code startMs <= t < endMs}.
 *
 * @param bounds all ink at any time of the cue, design pixels
 * @param fit 1, or how far the letters were shrunk to fit the style's width
 */
public record CueScene(long id, int startMs, int endMs, Box bounds, double fit, List<Mark> marks) {}
