package saltdrum.core.check;

import java.util.List;

/**
 * One problem that a check found.
 *
 * @param measured in {@code unit}; null if it is not a number
 * @param limit null if the check has none
 * @param said what is wrong, in a sentence for a person
 * @param remedies the best first; empty if only a person can decide
 * @param reason why it was dismissed; null if it is open
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

    public static Finding of(CheckKind kind, FindingLocation spot, String said, Remedy... remedies) {
        return new Finding(kind, spot, null, null, "", said, List.of(remedies), null);
    }

    public static Finding of(
            CheckKind kind, FindingLocation spot, double measured, double limit, String unit, String said) {
        return new Finding(kind, spot, measured, limit, unit, said, List.of(), null);
    }

    public Finding with(List<Remedy> ways) {
        return new Finding(kind, spot, measured, limit, unit, said, ways, reason);
    }

    public Finding dismissed(String why) {
        return new Finding(kind, spot, measured, limit, unit, said, remedies, why);
    }

    /** The id that a dismissal names: the word, else the cue, else 0 for the track. */
    public long at() {
        return spot.wordId() != 0 ? spot.wordId() : spot.cueId();
    }
}
