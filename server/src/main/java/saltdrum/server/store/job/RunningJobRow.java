package saltdrum.server.store.job;

import saltdrum.server.store.ServerName;

/**
 * A job that a worker runs.
 *
 * @param worker its name, as {@link ServerName} writes it
 * @param fileName of the output, if it is a line of an order
 */
public record RunningJobRow(
        String worker, String jobId, JobKind kind, JobState state, double progress, String clip, String fileName) {}
