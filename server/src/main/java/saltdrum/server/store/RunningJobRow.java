package saltdrum.server.store;

/**
 * A job in somebody's hands.
 *
 * @param worker his name, as {@link ServerName} writes it
 * @param fileName of what is made, where it is a line of an order
 */
public record RunningJobRow(
        String worker, String jobId, JobKind kind, JobState state, double progress, String clip, String fileName) {}
