package saltdrum.core.scene;

/**
 * The way of the groups around a mark.
 *
 * @param way as they are now
 * @param atRest as they stand when nothing moves them
 */
public record GroupTransforms(Affine way, Affine atRest) {
    public static final GroupTransforms NOTHING = new GroupTransforms(Affine.NONE, Affine.NONE);

    /** Around the marks of a group that stands here. */
    public GroupTransforms in(Pose pose, MarkState state) {
        return new GroupTransforms(way.of(Affine.of(pose, state)), atRest.of(Affine.of(pose, MarkState.REST)));
    }

    /** Whether the groups are shifted and nothing else. */
    public boolean shifted() {
        return way.a() == atRest.a() && way.b() == atRest.b() && way.c() == atRest.c() && way.d() == atRest.d();
    }

    /** How far something stands from its place at rest that is itself shifted by {@code x, y}: along x. */
    public double right(double x, double y) {
        return way.e() - atRest.e() + way.a() * x + way.c() * y;
    }

    /** The same along y. */
    public double down(double x, double y) {
        return way.f() - atRest.f() + way.b() * x + way.d() * y;
    }
}
