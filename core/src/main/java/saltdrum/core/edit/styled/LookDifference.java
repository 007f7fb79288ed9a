package saltdrum.core.edit.styled;

import saltdrum.core.look.Facet;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;

/** What one look needs to be another one. */
final class LookDifference {
    private LookDifference() {}

    /** Values of the wanted look where the present one has others. */
    static LookPatch between(Look wanted, Look present) {
        LookPatch difference = LookPatch.NONE;
        for (Facet<?> facet : Facets.ALL) {
            difference = of(facet, wanted, present).over(difference);
        }
        boolean elsewhere = difference.get(Facets.Y) != null || difference.get(Facets.WITHIN) != null;
        return elsewhere
                ? difference.with(Facets.Y, wanted.get(Facets.Y)).with(Facets.WITHIN, wanted.get(Facets.WITHIN))
                : difference;
    }

    private static <T> LookPatch of(Facet<T> facet, Look wanted, Look present) {
        T value = wanted.get(facet);
        return value.equals(present.get(facet)) ? LookPatch.NONE : LookPatch.of(facet, value);
    }
}
