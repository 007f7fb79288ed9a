package saltdrum.core.layout.type;

/** Heights above the baseline and the width of a space, in 1/1000 em; all positive. */
public record FaceMetrics(double capHeight, double space) {}
