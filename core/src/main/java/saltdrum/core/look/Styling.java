package saltdrum.core.look;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;

/**
 * The version of the style that a track uses, with its overrides.
 *
 * @param version of the style; 0 for the newest
 * @param all overrides of the style for the whole track
 * @param roles overrides for words of each emphasis role, the first for emphasis 1; at most four
 * @param speakers overrides for the cues of each speaker, the first for speaker 1
 */
public record Styling(
        int version,
        LookPatch all,
        List<LookPatch> roles,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<LookPatch> speakers) {
    public static final Styling PLAIN = new Styling(0, LookPatch.NONE, List.of());

    /** Styles name at most this many emphasis roles. */
    public static final int MOST_ROLES = 4;

    public Styling {
        all = all == null ? LookPatch.NONE : all;
        roles = roles == null ? List.of() : List.copyOf(roles);
        speakers = speakers == null ? List.of() : List.copyOf(speakers);
        if (version < 0 || roles.size() > MOST_ROLES) {
            throw new BadInputException("A style has a version from 1 on and at most four emphasis roles.");
        }
    }

    public Styling(int version, LookPatch all, List<LookPatch> roles) {
        this(version, all, roles, List.of());
    }

    public LookPatch speaker(int speaker) {
        return speaker >= 1 && speaker <= speakers.size() ? speakers.get(speaker - 1) : LookPatch.NONE;
    }

    public Styling withSpeaker(int speaker, LookPatch patch) {
        return withSpeakers(set(speakers, speaker, patch));
    }

    public Styling withSpeakers(List<LookPatch> looks) {
        return new Styling(version, all, roles, looks);
    }

    public Styling withVersion(int newVersion) {
        return new Styling(newVersion, all, roles, speakers);
    }

    public LookPatch role(int emphasis) {
        return emphasis >= 1 && emphasis <= roles.size() ? roles.get(emphasis - 1) : LookPatch.NONE;
    }

    public Styling withAll(LookPatch patch) {
        return new Styling(version, patch, roles, speakers);
    }

    public Styling withRole(int emphasis, LookPatch patch) {
        if (emphasis < 1 || emphasis > MOST_ROLES) {
            throw new BadInputException("An emphasis role is 1 to 4, not " + emphasis + ".");
        }
        return new Styling(version, all, set(roles, emphasis, patch), speakers);
    }

    /** The list with another patch at a place, from 1 on; empty ones at the end are left out. */
    private static List<LookPatch> set(List<LookPatch> patches, int place, LookPatch patch) {
        List<LookPatch> changed = new ArrayList<>(patches);
        while (changed.size() < place) {
            changed.add(LookPatch.NONE);
        }
        changed.set(place - 1, patch);
        while (!changed.isEmpty() && changed.get(changed.size() - 1).isEmpty()) {
            changed.remove(changed.size() - 1);
        }
        return changed;
    }
}
