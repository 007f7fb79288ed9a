package saltdrum.server.store;

/** One entry of the history; {@code change} as JSON of {@link Change}; {@code jobId} of the work that made it, or null. */
record EditRow(long seq, String said, String change, boolean undone, String jobId) {}
