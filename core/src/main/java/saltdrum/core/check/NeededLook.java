package saltdrum.core.check;

import java.util.ArrayList;
import java.util.List;

/**
 * What a clip needs of a person.
 *
 * @param unsure words that the recogniser is not sure of
 * @param other findings that are open
 */
public record NeededLook(int unsure, int other) {
    /** Of findings that were not dismissed. */
    public static NeededLook of(List<Finding> findings) {
        List<Finding> open =
                findings.stream().filter(finding -> finding.reason() == null).toList();
        int unsure = (int) open.stream()
                .filter(finding -> finding.kind() == CheckKind.UNSURE)
                .count();
        return new NeededLook(unsure, open.size() - unsure);
    }

    public int all() {
        return unsure + other;
    }

    /** In a few words: “3 unsure words and 1 finding”; empty where there is nothing. */
    public String said() {
        List<String> parts = new ArrayList<>();
        if (unsure > 0) {
            parts.add(unsure + (unsure == 1 ? " unsure word" : " unsure words"));
        }
        if (other > 0) {
            parts.add(other + (other == 1 ? " finding" : " findings"));
        }
        return String.join(" and ", parts);
    }
}
