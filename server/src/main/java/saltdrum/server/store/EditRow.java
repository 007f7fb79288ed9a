package saltdrum.server.store;

/** One entry of the history; {@code change} as JSON of {@link Change}. */
record EditRow(long seq, String said, String change, boolean undone) {}
