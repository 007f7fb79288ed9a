package saltdrum.core.check;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import saltdrum.core.look.FacetChoices.Align;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.plane.Box;

/**
 * Places captions at a corner, an edge or the middle of the safe area: their letters with outlines touch its edges, and
 * the largest of them stays inside.
 */
public final class NinePlaces {
    private static final double NARROWEST = 0.1;

    private NinePlaces() {}

    /**
     * @param look of what is placed
     * @param safe in parts of the frame
     * @param tried the letters' boxes of all that is placed, in parts of the frame, with a change of its look
     */
    public static LookPatch of(NinePlace place, Look look, Box safe, Function<LookPatch, List<Box>> tried) {
        double free = place.column() == 1 ? 2 * Math.min(0.5 - safe.x(), safe.right() - 0.5) : safe.width();
        double widest = Math.max(NARROWEST, Math.min(look.get(Facets.WIDEST), free));
        LookPatch near = LookPatch.of(Facets.ALIGN, Align.values()[place.column()])
                // At the top a block grows downwards, at the bottom upwards.
                .with(Facets.GROW, Grow.values()[2 - place.row()])
                .with(Facets.X, part(across(place, safe, widest)))
                .with(Facets.Y, part(along(place.row(), safe.y(), safe.bottom())));
        if (widest < look.get(Facets.WIDEST)) {
            near = near.with(Facets.WIDEST, widest);
        }
        Optional<Box> all = tried.apply(near).stream().reduce(Box::union);
        if (all.isEmpty()) {
            return near;
        }
        Box block = all.get();
        double x = near.get(Facets.X)
                + (place.column() == 1 ? 0 : along(place.column(), safe.x() - block.x(), safe.right() - block.right()));
        double y = near.get(Facets.Y) + along(place.row(), safe.y() - block.y(), safe.bottom() - block.bottom());
        return near.with(Facets.X, part(x)).with(Facets.Y, part(y)).with(Facets.WITHIN, Within.SAFE);
    }

    /** Captions in the middle are in that of the frame. */
    private static double across(NinePlace place, Box safe, double widest) {
        return place.column() == 1 ? 0.5 : along(place.column(), safe.x() + widest / 2, safe.right() - widest / 2);
    }

    /** The first, the mean of both, or the last. */
    private static double along(int which, double first, double last) {
        return which == 0 ? first : which == 1 ? (first + last) / 2 : last;
    }

    private static double part(double value) {
        return Math.max(0, Math.min(1, Math.round(value * 10_000) / 10_000.0));
    }
}
