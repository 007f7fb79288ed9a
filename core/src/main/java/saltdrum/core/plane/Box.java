package saltdrum.core.plane;

/** A rectangle in design pixels, y down. */
public record Box(double x, double y, double width, double height) {
    public static final Box EMPTY = new Box(0, 0, 0, 0);

    public static Box ofEdges(double left, double top, double right, double bottom) {
        return new Box(left, top, right - left, bottom - top);
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    public Box grown(double across, double down) {
        return new Box(x - across, y - down, width + 2 * across, height + 2 * down);
    }

    public Box grown(double by) {
        return new Box(x - by, y - by, width + 2 * by, height + 2 * by);
    }

    public Box moved(double dx, double dy) {
        return new Box(x + dx, y + dy, width, height);
    }

    public Box union(Box other) {
        return ofEdges(
                Math.min(x, other.x),
                Math.min(y, other.y),
                Math.max(right(), other.right()),
                Math.max(bottom(), other.bottom()));
    }

    public Box intersection(Box other) {
        double left = Math.max(x, other.x);
        double top = Math.max(y, other.y);
        return ofEdges(
                left,
                top,
                Math.max(left, Math.min(right(), other.right())),
                Math.max(top, Math.min(bottom(), other.bottom())));
    }

    public boolean meets(Box other) {
        return x < other.right() && other.x < right() && y < other.bottom() && other.y < bottom();
    }

    public boolean holds(Box other) {
        return x <= other.x && y <= other.y && right() >= other.right() && bottom() >= other.bottom();
    }

    /** A tenth of a pixel is plenty, and short to write. */
    public Box rounded() {
        return new Box(
                Math.floor(x), Math.floor(y), Math.ceil(right()) - Math.floor(x), Math.ceil(bottom()) - Math.floor(y));
    }
}
