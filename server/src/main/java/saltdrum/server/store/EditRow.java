package saltdrum.server.store;

import saltdrum.core.edit.Change;

/** One entry of the history; {@code jobId} of the work that made it, or null. */
record EditRow(long seq, String said, Change change, boolean undone, String jobId) {}
