package saltdrum.server.store;

/** A queue of its own with its own hands: a long film keeps no words waiting. */
public enum Lane {
    LIGHT("job", "Preparing and measuring"),
    HEARING("hearing", "Hearing and translating"),
    RENDERS("render", "Rendering");

    /** Name of the queue, as it stands in the database. */
    public final String queue;

    public final String label;

    Lane(String queue, String label) {
        this.queue = queue;
        this.label = label;
    }
}
