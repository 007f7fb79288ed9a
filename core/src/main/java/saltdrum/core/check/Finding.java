package saltdrum.core.check;

import java.util.List;

/**
 * One thing that was noticed.
 *
 * @param measured in {@code unit}; null where it is not a number
 * @param limit null where there is none
 * @param said what is wrong, in a sentence for a person
 * @param remedies the best first; empty where only a person can tell
 * @param reason why it is let stand; null while it is not
 */
public record Finding(
        CheckKind kind,
        FindingLocation spot,
        Double measured,
        Double limit,
        String unit,
        String said,
        List<Remedy> remedies,
        String reason) {
    public Finding {
        remedies = List.copyOf(remedies);
    }

    static Finding of(CheckKind kind, FindingLocation spot, String said, Remedy... remedies) {
        return new Finding(kind, spot, null, null, "", said, List.of(remedies), null);
    }

    static Finding of(CheckKind kind, FindingLocation spot, double measured, double limit, String unit, String said) {
        return new Finding(kind, spot, measured, limit, unit, said, List.of(), null);
    }

    Finding with(List<Remedy> ways) {
        return new Finding(kind, spot, measured, limit, unit, said, ways, reason);
    }

    Finding letStand(String why) {
        return new Finding(kind, spot, measured, limit, unit, said, remedies, why);
    }

    /** What it is let stand by: the word, else the cue, else 0 for the track. */
    public long at() {
        return spot.wordId() != 0 ? spot.wordId() : spot.cueId();
    }
}
