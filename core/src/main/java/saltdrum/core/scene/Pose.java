package saltdrum.core.scene;

/**
 * The rotation of a mark at rest, and the point about which it is scaled and turned.
 *
 * @param tilt degrees clockwise about the pivot
 */
public record Pose(double pivotX, double pivotY, double tilt) {
    public static Pose about(double pivotX, double pivotY) {
        return new Pose(pivotX, pivotY, 0);
    }
}
