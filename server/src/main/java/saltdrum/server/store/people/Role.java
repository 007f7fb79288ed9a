package saltdrum.server.store.people;

/** The role of a person in the workshop. */
public enum Role {
    /** May do everything a designer may, manage people and delete for good. */
    OWNER,
    DESIGNER,
    /** Sees what one client is shown, and says something to it. */
    REVIEWER
}
