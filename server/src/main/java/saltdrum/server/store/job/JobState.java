package saltdrum.server.store.job;

public enum JobState {
    WAITING,
    /** In no queue until somebody releases it. */
    HELD,
    RUNNING,
    /** Asked to stop, and not there yet. */
    STOPPING,
    DONE,
    FAILED,
    STOPPED;

    /** Whether there is more to come of it. */
    public boolean isOpen() {
        return this == WAITING || this == HELD || this == RUNNING || this == STOPPING;
    }

    /** Whether it was asked to stop, whether or not it has. */
    public boolean isStop() {
        return this == STOPPING || this == STOPPED;
    }
}
