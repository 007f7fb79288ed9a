package saltdrum.core.merge;

import saltdrum.core.SaltDrumException;

/** A change cannot be rebased on another one, because both changed the same. */
public final class ConflictingChangeException extends SaltDrumException {
    private final String what;

    /** @param what both changed, worded to fit within a sentence */
    ConflictingChangeException(String what) {
        super("Two changes of " + what + ".");
        this.what = what;
    }

    public String what() {
        return what;
    }
}
