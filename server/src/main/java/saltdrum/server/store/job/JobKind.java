package saltdrum.server.store.job;

/** The kinds of jobs, each with its lane. */
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
