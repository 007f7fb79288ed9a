package saltdrum.server.store;

/** Who does what is being done at this moment. */
public interface Actor {
    /** A person's id; null for work in the background, and where nobody signs in. */
    Long personId();
}
