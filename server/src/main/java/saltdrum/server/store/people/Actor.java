package saltdrum.server.store.people;

/** The author of the present action. */
public interface Actor {
    /** A person's id; null for background work, and if sign-in is off. */
    Long personId();
}
