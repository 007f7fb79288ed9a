package saltdrum.core.look;

import java.util.List;
import saltdrum.core.BadInputException;

/**
 * The version of the style that a track uses, with its overrides.
 *
 * @param version of the style; 0 for the newest
 * @param all overrides of the style for the whole track
 * @param roles overrides for words of each emphasis role, the first for emphasis 1; at most four
 */
public record Styling(int version, LookPatch all, List<LookPatch> roles) {
    public static final Styling PLAIN = new Styling(0, LookPatch.NONE, List.of());

    /** Styles name at most this many emphasis roles. */
    public static final int MOST_ROLES = 4;

    public Styling {
        all = all == null ? LookPatch.NONE : all;
        roles = roles == null ? List.of() : List.copyOf(roles);
        if (version < 0 || roles.size() > MOST_ROLES) {
            throw new BadInputException("A style has a version from 1 on and at most four emphasis roles.");
        }
    }

    public LookPatch role(int emphasis) {
        return emphasis >= 1 && emphasis <= roles.size() ? roles.get(emphasis - 1) : LookPatch.NONE;
    }

    public Styling withAll(LookPatch patch) {
        return new Styling(version, patch, roles);
    }

    public Styling withRole(int emphasis, LookPatch patch) {
        if (emphasis < 1 || emphasis > MOST_ROLES) {
            throw new BadInputException("An emphasis role is 1 to 4, not " + emphasis + ".");
        }
        java.util.ArrayList<LookPatch> changed = new java.util.ArrayList<>(roles);
        while (changed.size() < emphasis) {
            changed.add(LookPatch.NONE);
        }
        changed.set(emphasis - 1, patch);
        while (!changed.isEmpty() && changed.get(changed.size() - 1).isEmpty()) {
            changed.remove(changed.size() - 1);
        }
        return new Styling(version, all, changed);
    }
}
