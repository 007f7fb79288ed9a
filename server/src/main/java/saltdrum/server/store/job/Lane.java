package saltdrum.server.store.job;

/** A separate queue with its own concurrency, so that long films do not delay recognition. */
public enum Lane {
    LIGHT("job", "Preparing and measuring"),
    HEARING("hearing", "Recognising and translating"),
    RENDERS("render", "Rendering");

    /** Name of the queue in the database. */
    public final String queue;

    public final String label;

    Lane(String queue, String label) {
        this.queue = queue;
        this.label = label;
    }
}
