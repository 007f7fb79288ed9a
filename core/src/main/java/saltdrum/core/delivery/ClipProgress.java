package saltdrum.core.delivery;

import java.util.Set;

/** The progress of a clip: the last step that was done and is still valid. */
public enum ClipProgress {
    NO_WORDS("Needs its words"),
    WORDS("Words are in"),
    BREAKS("Broken into cues"),
    STYLE("Styled"),
    CHECKED("Checked"),
    DELIVERED("Delivered"),
    /** Something was changed since it was delivered. */
    CHANGED("Changed since delivered");

    public final String label;

    ClipProgress(String label) {
        this.label = label;
    }

    /** Whether the newest finished output shows the captions as they are now. */
    public enum Delivered {
        NEVER,
        BEFORE_CHANGES,
        AS_IT_IS
    }

    /**
     * @param steps parts of the job that were worked on and not undone
     * @param checked the captions as they are now were looked at, and nothing is left to mend
     */
    public static ClipProgress of(int words, Set<WorkStep> steps, boolean checked, Delivered delivered) {
        if (words == 0) {
            return NO_WORDS;
        }
        if (delivered != Delivered.NEVER) {
            return delivered == Delivered.AS_IT_IS ? DELIVERED : CHANGED;
        }
        if (checked) {
            return CHECKED;
        }
        if (steps.contains(WorkStep.STYLE)) {
            return STYLE;
        }
        return steps.contains(WorkStep.BREAKS) ? BREAKS : WORDS;
    }
}
