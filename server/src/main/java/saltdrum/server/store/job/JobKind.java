package saltdrum.server.store.job;

/** What a piece of long work gives, and where it waits. */
public enum JobKind {
    PREPARE(Lane.LIGHT),
    WORDS(Lane.HEARING),
    RENDER(Lane.RENDERS),
    /** What checks look at. */
    MEASURE(Lane.LIGHT);

    public final Lane lane;

    JobKind(Lane lane) {
        this.lane = lane;
    }
}
