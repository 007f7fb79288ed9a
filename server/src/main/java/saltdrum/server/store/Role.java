package saltdrum.server.store;

/** What a person is to the workshop. */
public enum Role {
    /** Does all that a designer does, says who comes in, and throws away for good. */
    OWNER,
    DESIGNER,
    /** Sees what one client is shown, and says something to it. */
    REVIEWER
}
