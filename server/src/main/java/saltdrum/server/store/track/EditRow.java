package saltdrum.server.store.track;

import saltdrum.core.merge.Change;

/**
 * One entry of the history.
 *
 * @param jobId of the work that made it; null for a person's
 * @param personId of the author; null if sign-in is off, and for background work
 * @param by that person's name, or null
 */
public record EditRow(long seq, String said, Change change, boolean undone, String jobId, Long personId, String by) {}
