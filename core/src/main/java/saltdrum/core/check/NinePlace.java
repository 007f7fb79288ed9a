package saltdrum.core.check;

/** Corners, edges and middle of the safe area, from the top at the left to the bottom at the right. */
public enum NinePlace {
    TOP_LEFT,
    TOP,
    TOP_RIGHT,
    LEFT,
    MIDDLE,
    RIGHT,
    BOTTOM_LEFT,
    BOTTOM,
    BOTTOM_RIGHT;

    int column() {
        return ordinal() % 3;
    }

    int row() {
        return ordinal() / 3;
    }
}
