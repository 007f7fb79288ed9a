package saltdrum.core.scene;

/**
 * The transforms of the groups around a mark.
 *
 * @param way the present ones
 * @param atRest those without any motion
 */
public record GroupTransforms(Affine way, Affine atRest) {
    public static final GroupTransforms NOTHING = new GroupTransforms(Affine.NONE, Affine.NONE);

    /** The transforms for the marks inside a group at this pose and state. */
    public GroupTransforms in(Pose pose, MarkState state) {
        return new GroupTransforms(way.of(Affine.of(pose, state)), atRest.of(Affine.of(pose, MarkState.REST)));
    }

    /** Whether the groups are shifted and nothing else. */
    public boolean shifted() {
        return way.a() == atRest.a() && way.b() == atRest.b() && way.c() == atRest.c() && way.d() == atRest.d();
    }

    /** The horizontal distance from its place at rest of something that is itself shifted by {@code x, y}. */
    public double right(double x, double y) {
        return way.e() - atRest.e() + way.a() * x + way.c() * y;
    }

    /** The same along y. */
    public double down(double x, double y) {
        return way.f() - atRest.f() + way.b() * x + way.d() * y;
    }
}
